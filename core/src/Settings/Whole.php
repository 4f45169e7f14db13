<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A whole number with its range. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Whole extends Setting
{
    /**
     * @param int|null $default null: it must be said
     * @param array<int, string> $among those that it can be, with their words at the desk, if not all of the range
     * @param int $step by how much the arrow keys change it
     */
    public function __construct(
        string $label,
        public Unit $unit,
        public int $min,
        public int $max,
        public ?int $default = null,
        public array $among = [],
        public int $step = 1,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return $this->among === [] ? 'whole' : 'choice';
    }

    public function read(Field $field): int
    {
        $value = $field->whole($this->min, $this->max, $this->default);
        if ($this->among !== [] && !isset($this->among[$value])) {
            throw $field->wrong('must be one of '.implode(', ', array_keys($this->among)));
        }

        return $value;
    }

    public function schema(): array
    {
        return $this->among !== []
            ? ['enum' => array_keys($this->among)]
            : ['type' => 'integer', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    public function default(): ?int
    {
        return $this->default;
    }

    public function shown(): array
    {
        return $this->among === []
            ? ['unit' => $this->unit->value, 'min' => $this->min, 'max' => $this->max, 'step' => $this->step]
            : ['choices' => array_map(null, array_keys($this->among), array_values($this->among))];
    }
}
