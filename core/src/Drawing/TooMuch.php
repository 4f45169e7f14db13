<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\LupineException;

/** A piece in which more moves, for longer, than can be computed in a time that somebody would wait. */
final class TooMuch extends LupineException
{
    public static function of(int $effort, int $marks, int $most): self
    {
        return new self(
            sprintf(
                'In this piece %s marks move on %s frames in all, marks × frames; %s are the limit for this. Shorten the moves, or keep fewer rows: small ones can be put together.',
                number_format($marks),
                number_format($effort),
                number_format($most),
            ),
            'moves',
        );
    }
}
