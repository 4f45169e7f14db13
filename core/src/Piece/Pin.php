<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What ties a move to a beat: a line, or a word in it, and an offset in frames. */
final readonly class Pin
{
    private function __construct(public string $line, public ?int $word, public int $offset)
    {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('line')->id(),
            $field->get('word')->isNull() ? null : $field->get('word')->whole(0, 400),
            $field->get('offset')->whole(-Stage::MAX_FRAMES, Stage::MAX_FRAMES, 0),
        );
    }
}
