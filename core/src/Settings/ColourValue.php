<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A colour, such as #2f6b52. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class ColourValue extends Setting
{
    /** @param string|null $default null: it must be said */
    public function __construct(
        string $label,
        public ?string $default = null,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'colour';
    }

    public function read(Field $field): string
    {
        return $field->colour($this->default);
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Colour'];
    }

    public function default(): ?string
    {
        return $this->default;
    }

    public function definitions(): array
    {
        $colour = ['type' => 'string', 'pattern' => Field::COLOUR, 'description' => 'sRGB, such as #2f6b52'];

        return ['Colour' => $colour];
    }
}
