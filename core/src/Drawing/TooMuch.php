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
                'This piece is too heavy: %s marks × %s frames of movement; the limit is %s. Shorten the moves or combine small rows.',
                number_format($marks),
                number_format($effort),
                number_format($most),
            ),
            'moves',
        );
    }
}
