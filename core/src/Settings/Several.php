<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A list of one kind of thing. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Several extends Setting
{
    /** @param int $max so many at most */
    public function __construct(public Setting $each, public int $max, public int $min = 0, string $label = '')
    {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'list';
    }

    /** @return list<mixed> */
    public function read(Field $field): array
    {
        $items = array_map($this->each->read(...), $field->items($this->max));
        if (count($items) < $this->min) {
            throw $field->wrong(sprintf('has %d entries; it needs at least %d', count($items), $this->min));
        }

        return $items;
    }

    public function mapped(mixed $value, \Closure $work): mixed
    {
        return is_array($value)
            ? array_map(fn (mixed $one): mixed => $this->each->mapped($one, $work), $value)
            : $value;
    }

    public function schema(): array
    {
        return [
            'type' => 'array',
            'items' => $this->each->schema(),
            ...$this->min > 0 ? ['minItems' => $this->min] : [],
            'maxItems' => $this->max,
        ];
    }

    /** @return list<never>|null */
    public function default(): ?array
    {
        return $this->min === 0 ? [] : null;
    }

    public function shown(): array
    {
        return ['max' => $this->max];
    }

    public function definitions(): array
    {
        return $this->each->definitions();
    }

    public function groups(): array
    {
        return $this->each->groups();
    }
}
