<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A line along the edge of a part, or at a distance from it. */
#[Described(
    'A line along the edge of a part.',
    label: 'Line',
    hint: 'Draws a line along the edge of each part, solid, dashed or stitched.',
    name: 'EdgeLine',
)]
final readonly class LineCoat implements Coat
{
    use Layer;

    public function __construct(
        #[Number('Width', Unit::Pixels, 0.1, 200, 4)]
        #[Detail('as much of it as is seen', isKeyed: true)]
        public float $width = 4.0,
        #[Choice('Position', [
            'inside' => 'Inside',
            'centred' => 'Centred',
            'outside' => 'Outside',
            'apart' => 'At a distance',
        ])]
        #[Detail('inside: within the part; centred: half of it stands out; outside: around it, below its fill; apart: at an'
                .' exact distance within')]
        public string $place = 'inside',
        #[Number('Distance', Unit::Pixels, 0.1, 400, 16)]
        #[Detail('of its middle from the edge', isOptional: true, when: ['place' => ['apart']], isKeyed: true)]
        public float $distance = 16.0,
        #[Among(Ink::class)]
        public Ink $ink = new Ink(),
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.8)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.8,
        #[Number('Dash', Unit::Pixels, 0, 2000, 0)]
        #[Detail('length of a dash; 0: a solid line', isOptional: true, isKeyed: true)]
        public float $dash = 0.0,
        #[Number('Gap', Unit::Pixels, 0, 2000, 14)]
        #[Detail('between two dashes', isOptional: true, when: ['dash' => true], isKeyed: true)]
        public float $gap = 14.0,
        #[Toggle('Fit dashes to the edge')]
        #[Detail(
            'dash and gap are stretched so that a whole number goes round',
            isOptional: true,
            when: ['dash' => true],
        )]
        public bool $isFitted = false,
        #[Number('Dash speed', Unit::PixelsASecond, -5000, 5000, 0, step: 10)]
        #[Detail(
            'below 0 the other way',
            hint: 'Below 0 dashes run the other way.',
            isOptional: true,
            when: ['dash' => true],
        )]
        public float $march = 0.0,
        #[Choice('Caps', ['round' => 'Round', 'butt' => 'Flat'])]
        #[Detail(isOptional: true, when: ['dash' => true])]
        public string $caps = 'round',
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    public function isLooping(): bool
    {
        return $this->isMarching() && !$this->isOff;
    }

    public function isDashed(): bool
    {
        return $this->dash > 0 && $this->gap > 0;
    }

    public function isMarching(): bool
    {
        return $this->march !== 0.0 && $this->isDashed();
    }
}
