<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A word of the script as it is said in a recording, in milliseconds from the recording's first sample. */
final readonly class HeardWord
{
    public const MOST_MILLISECONDS = 1_800_000;

    private function __construct(
        public string $text,
        public float $at,
        public float $end,
        /** how sure it is that it is said there, 0 to 1 */
        public float $sure,
        /** whether somebody has put it there */
        public bool $isByHand,
        /** where listening found it, if somebody has put it elsewhere */
        public ?float $found,
    ) {
    }

    public static function read(Field $field): self
    {
        $at = $field->get('at')->number(0, self::MOST_MILLISECONDS);

        return new self(
            $field->get('text')->text(600),
            $at,
            max($at, $field->get('end')->number(0, self::MOST_MILLISECONDS)),
            $field->get('sure')->number(0, 1, 1.0),
            $field->get('hand')->yes(false),
            $field->get('found')->isNull() ? null : $field->get('found')->number(0, self::MOST_MILLISECONDS),
        );
    }
}
