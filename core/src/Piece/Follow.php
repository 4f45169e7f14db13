<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What ties a move to another one: it begins with it, or when it has arrived, and so many frames later. */
final readonly class Follow
{
    private function __construct(public string $move, public bool $isAfter, public int $offset)
    {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('move')->id(),
            $field->get('how')->oneOf(['with', 'after']) === 'after',
            $field->get('offset')->whole(-Stage::MAX_FRAMES, Stage::MAX_FRAMES, 0),
        );
    }
}
