<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The rule by which charts, title, legends and captions share the stage, in any shape of it. */
final readonly class ArrangementSettings
{
    /** where the charts stand, seen from the words */
    public const CHARTS = ['left', 'right', 'below', 'above', 'alone'];

    /** how several charts stand to each other */
    public const SEVERAL = ['fitting', 'row', 'column', 'grid'];

    public function __construct(public string $charts = 'left', public string $several = 'fitting')
    {
    }

    public static function read(Field $field): self
    {
        return $field->isNull()
            ? new self()
            : new self(
                $field->get('charts')->oneOf(self::CHARTS, 'left'),
                $field->get('several')->oneOf(self::SEVERAL, 'fitting'),
            );
    }
}
