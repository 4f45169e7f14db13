<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A line along the edge of a mark. */
#[Described(
    'A line along the edge of a mark.',
    label: 'Stroke',
    hint: 'Draws a line along the edge of each mark, solid or dashed.',
)]
final readonly class StrokeSettings
{
    public function __construct(
        #[Number('Width', Unit::Pixels, 0.1, 200, 4)]
        #[Detail('as much of it as is seen')]
        public float $width,
        #[Choice('Position', ['inside' => 'Inside', 'centred' => 'Centred'])]
        #[Detail('inside: within the mark, which keeps its size; centred: half of it stands out')]
        public string $place,
        #[ColourValue('Colour', '#ffffff')]
        public string $colour,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.8)]
        public float $opacity,
        #[Number('Running light', Unit::Pixels, 0, 4000, 0, step: 10)]
        #[Detail('length of a light that travels along it', hint: '0 turns it off.', isOptional: true)]
        public float $light,
        #[Whole('Time per lap', Unit::Frames, -Stage::MAX_FRAMES, Stage::MAX_FRAMES, 96)]
        #[Detail(
            'below 0 the other way',
            hint: 'Below 0 the light runs the other way.',
            isOptional: true,
            when: ['light' => true],
        )]
        public int $round,
        #[Number('Dash', Unit::Pixels, 0, 2000, 0)]
        #[Detail('length of a dash; 0: a solid line')]
        public float $dash,
        #[Number('Gap', Unit::Pixels, 0, 2000, 14)]
        #[Detail('between two dashes', when: ['dash' => true])]
        public float $gap,
        #[Number('Dash speed', Unit::PixelsASecond, -5000, 5000, 0, step: 10)]
        #[Detail(
            'below 0 the other way',
            hint: 'Below 0 dashes run the other way.',
            isOptional: true,
            when: ['dash' => true],
        )]
        public float $march,
        #[Choice('Caps', ['round' => 'Round', 'butt' => 'Flat'])]
        #[Detail(when: ['dash' => true])]
        public string $caps,
    ) {
    }

    /** Whether anything of it moves by itself. */
    public function isLooping(): bool
    {
        return $this->isMarching() || $this->isLit();
    }

    public function isLit(): bool
    {
        return $this->light > 0 && $this->round !== 0;
    }

    public function isMarching(): bool
    {
        return $this->march !== 0.0 && $this->dash > 0 && $this->gap > 0;
    }
}
