<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A timing curve by its name in the CSS set, or as the four numbers of a cubic Bézier. */
final readonly class CurveSettings
{
    public const NAMES = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'];

    /** @param array{float, float, float, float}|null $bezier */
    private function __construct(public string $name, public ?array $bezier)
    {
    }

    public static function read(Field $field, string $default): self
    {
        if ($field->isNull() || $field->isText()) {
            return new self($field->oneOf(self::NAMES, $default), null);
        }
        $numbers = $field->items(4);
        if (count($numbers) !== 4) {
            throw $field->wrong('has to be the name of a curve or four numbers [x1, y1, x2, y2]');
        }

        return new self('bezier', [
            $numbers[0]->number(0, 1),
            $numbers[1]->number(-5, 5),
            $numbers[2]->number(0, 1),
            $numbers[3]->number(-5, 5),
        ]);
    }
}
