<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A figure of a chart, by their ids. */
final readonly class FigureName
{
    private function __construct(public string $chart, public string $figure)
    {
    }

    public static function read(Field $field): ?self
    {
        return $field->isNull() ? null : new self($field->get('chart')->id(), $field->get('figure')->id());
    }
}
