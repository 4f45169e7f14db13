<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Something that is so or not. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Toggle extends Setting
{
    public function __construct(
        string $label,
        public bool $default = false,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'switch';
    }

    public function read(Field $field): bool
    {
        return $field->flag($this->default);
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function default(): bool
    {
        return $this->default;
    }
}
