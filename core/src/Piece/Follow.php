<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Either;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** What ties a move to another one: it begins with it, or when it has arrived, and so many frames later. */
#[Described('Ties a move to another one.')]
final readonly class Follow
{
    public function __construct(
        #[Id]
        public string $move,
        #[Either('Follows', ['with' => 'With', 'after' => 'After'])]
        #[Detail('it begins with it, or when it has arrived', name: 'how')]
        public bool $isAfter,
        #[Whole('Offset', Unit::Frames, -Stage::MAX_FRAMES, Stage::MAX_FRAMES, 0)]
        public int $offset,
    ) {
    }
}
