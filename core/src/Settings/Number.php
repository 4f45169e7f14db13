<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A number with its range. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Number extends Setting
{
    /**
     * @param float|null $default null: it must be said
     * @param float $step by how much the arrow keys change it, in what the desk shows
     */
    public function __construct(
        string $label,
        public Unit $unit,
        public float $min,
        public float $max,
        public ?float $default = null,
        public float $step = 1,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'number';
    }

    public function read(Field $field): float
    {
        return $field->number($this->min, $this->max, $this->default);
    }

    public function schema(): array
    {
        return ['type' => 'number', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    public function default(): ?float
    {
        return $this->default;
    }

    public function shown(): array
    {
        return ['unit' => $this->unit->value, 'min' => $this->min, 'max' => $this->max, 'step' => $this->step];
    }
}
