<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/**
 * A light on a line: one dash of it, which fades from its middle to both ends. Its paint is a radial gradient about
 * that middle, as wide as the nearer end is away.
 */
final readonly class ReelLight
{
    /** how much of the colour is there on the way from the middle to an end; taste, no source */
    public const FADE = [[0.0, 1.0], [0.25, 0.8], [0.6, 0.28], [1.0, 0.0]];

    /** of the line, at most */
    public const MOST = 0.8;

    public function __construct(
        /** pixels from end to end; can have a track */
        public int|float $length,
        /** of its middle along the line, as a part of the whole way; can have a track */
        public int|float $place,
    ) {
    }
}
