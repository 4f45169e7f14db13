<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** What ties a move to a beat: a line, or a word in it, and an offset. */
#[Described('Pins a move to a beat.')]
final readonly class Pin
{
    public function __construct(
        #[Id]
        public string $line,
        #[Whole('', Unit::Count, 0, 400)]
        #[Detail('index in the line; null: the beginning of the line')]
        public ?int $word,
        #[Whole('Offset', Unit::Frames, -Stage::MAX_FRAMES, Stage::MAX_FRAMES, 0)]
        public int $offset,
    ) {
    }
}
