<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What a move of the kind `change` does: one property, from what it is to another value. */
final readonly class Change
{
    /** @param float|null $from null: from what the property is when the move begins */
    private function __construct(public string $property, public ?float $from, public float|string $to)
    {
    }

    /** Of the column that a chart shows. */
    public static function toColumn(string $columnId): self
    {
        return new self('column', null, $columnId);
    }

    /** @param list<Property> $properties that its target has */
    public static function read(Field $field, array $properties): self
    {
        $name = $field->get('property')->text(60);
        $property = Properties::named($properties, $name);
        if ($property === null) {
            $names = implode(', ', array_map(static fn (Property $one): string => $one->name, $properties));
            throw $field->get('property')->wrong('has to be one of '.$names);
        }
        $from = $field->get('from');
        if ($property->kind !== 'number' && !$from->isNull()) {
            throw $from->wrong('is for numbers alone; leave it out, and the change begins from what is there');
        }

        return new self(
            $name,
            $from->isNull() ? null : (float) $property->read($from),
            $property->read($field->get('to')),
        );
    }
}
