<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A chart that goes through the moments of its table, from column to column. */
#[Described(
    'How a chart goes through the columns of its table, which are moments, one after the other.',
    label: 'Run through columns',
)]
final readonly class RunSettings
{
    /** @var array<string, RunPin> moments that stand on a frame, or on a beat, by column id */
    public array $pins;

    /** @param list<RunPin> $pins */
    public function __construct(
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        #[Detail('of the first moment')]
        public int $begin,
        #[Whole('Lasts', Unit::Frames, 1, Stage::MAX_FRAMES, 240)]
        #[Detail('from the first moment to the last')]
        public int $frames,
        #[Choice('Between moments', ['straight' => 'Even', 'eased' => 'Eased', 'hold' => 'Hold'])]
        #[Detail('the way from moment to moment; hold: nothing until the next')]
        public string $between,
        #[Whole('Rank change', Unit::Frames, 1, 300, 14)]
        #[Detail('how long figures take to change places')]
        public int $places,
        #[Several(new Part(RunPin::class), max: 240)]
        #[Detail('moments that stand on a frame or a beat; those between two of them are spread evenly')]
        array $pins,
    ) {
        $this->pins = array_column($pins, null, 'column');
    }
}
