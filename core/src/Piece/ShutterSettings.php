<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Motion blur: how long a shutter is open for each frame, and what it takes. */
#[Described(
    'Motion blur: the shutter is open around each frame’s own time, and what moves is taken at several moments of it. What is read, and what changes from one frame to the next, stays sharp.',
    label: 'Motion blur',
    hint: 'Off: every frame is sharp.',
)]
final readonly class ShutterSettings
{
    public function __construct(
        #[Number('Shutter angle', Unit::Degrees, 1, 360, 180)]
        #[Detail('360 is open all the time, 180 half of it')]
        public float $angle,
        /** odd, so that one of them is the frame itself */
        #[Whole(
            'Samples',
            Unit::Count,
            5,
            33,
            9,
            [5 => '5 · preview', 9 => '9', 17 => '17 · smooth', 33 => '33 · large moves'],
        )]
        #[Detail('moments of each frame')]
        public int $samples,
        #[Toggle('Charts', true)]
        #[Detail('whether charts are blurred, with their labels')]
        public bool $takesCharts,
        #[Toggle('Titles, notes and panels', true)]
        public bool $takesWords,
        #[Toggle('Camera moves', true)]
        public bool $takesCamera,
    ) {
    }
}
