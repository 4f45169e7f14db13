<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A text of one line or several. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Text extends Setting
{
    /**
     * @param int $longest in characters
     * @param string|null $default null: it must be said
     */
    public function __construct(
        string $label,
        public int $longest,
        public ?string $default = null,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'text';
    }

    public function read(Field $field): string
    {
        return $field->text($this->longest, $this->default);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->longest];
    }

    public function default(): ?string
    {
        return $this->default;
    }

    public function shown(): array
    {
        return ['longest' => $this->longest];
    }
}
