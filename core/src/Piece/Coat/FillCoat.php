<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** What a part is filled with. The first of several is the ground of all; the others lie on it. */
#[Described('A fill of a part: flat, or a gradient.', label: 'Fill', name: 'Fill')]
final readonly class FillCoat implements Coat
{
    use Layer;

    /** colours of a gradient at most */
    public const STOPS = 8;

    private const GRADIENTS = ['linear', 'radial', 'along'];
    private const CENTRED = ['radial', 'picture'];
    private const TURNED = ['linear', 'picture'];
    private const LAID = ['linear', 'radial', 'picture'];

    /** the colours of a gradient that says none; taste, no source */
    public const USUAL = [
        ['at' => 0.0, 'shade' => -0.12],
        ['at' => 0.5, 'shade' => 0.0],
        ['at' => 1.0, 'shade' => 0.16],
    ];

    public function __construct(
        #[Choice('Kind', [
            'flat' => 'Flat',
            'shaded' => 'Shaded',
            'linear' => 'Linear',
            'radial' => 'Radial',
            'along' => 'Along',
            'picture' => 'Picture',
        ])]
        #[Detail(
            'shaded: a little lighter outward or along the part; along: a gradient from where the part begins to where it'
                .' ends',
        )]
        public string $kind = 'flat',
        #[Among(Ink::class)]
        #[Detail(when: ['kind' => ['flat', 'shaded']])]
        public Ink $ink = new Ink(),
        /** @var list<Stop> */
        #[Several(new Part(Stop::class), max: self::STOPS, label: 'Colours')]
        #[Detail(
            'of a gradient; none: darker to lighter',
            isOptional: true,
            when: ['kind' => self::GRADIENTS],
        )]
        public array $stops = [],
        #[Id('Picture')]
        #[Detail(
            'one of the piece’s pictures; null, or gone: flat',
            isOptional: true,
            when: ['kind' => ['picture']],
        )]
        public ?string $picture = null,
        #[Choice('Fit', ['cover' => 'Cover', 'contain' => 'Whole', 'tile' => 'Tile'])]
        #[Detail(
            'cover: no edge of what it goes over stays bare; contain: all of it is seen; tile: side by side, a pixel of'
                .' it for one of the stage',
            isOptional: true,
            when: ['kind' => ['picture']],
        )]
        public string $fit = 'cover',
        #[Number('Blur', Unit::Fraction, 0, 0.1, 0)]
        #[Detail(
            'how far a picture is out of focus: the standard deviation, as a part of its width',
            isOptional: true,
            when: ['kind' => ['picture']],
            isKeyed: true,
        )]
        public float $blur = 0.0,
        #[Choice('Across', ['part' => 'Each part', 'chart' => 'The chart', 'stage' => 'The stage'])]
        #[Detail('what a gradient or a picture goes over', isOptional: true, when: ['kind' => self::LAID])]
        public string $across = 'part',
        #[Number('Angle', Unit::Degrees, -720, 720, 0)]
        #[Detail(
            'where a linear gradient leads, clockwise from 12 o’clock; how a picture is turned',
            isOptional: true,
            when: ['kind' => self::TURNED],
            isKeyed: true,
        )]
        public float $degrees = 0.0,
        #[Number('Centre X', Unit::Fraction, -2, 3, 0.5)]
        #[Detail(
            'middle of a radial gradient or a picture, as a part of the width that it goes over',
            isOptional: true,
            when: ['kind' => self::CENTRED],
            isKeyed: true,
        )]
        public float $x = 0.5,
        #[Number('Centre Y', Unit::Fraction, -2, 3, 0.5)]
        #[Detail(
            'as a part of the height that it goes over',
            isOptional: true,
            when: ['kind' => self::CENTRED],
            isKeyed: true,
        )]
        public float $y = 0.5,
        #[Number('Size', Unit::Fraction, 0.02, 8, 1, step: 5)]
        #[Detail(
            '1: the gradient’s ends just reach the corners of what it goes over, or a picture just fits',
            isOptional: true,
            when: ['kind' => self::LAID],
            isKeyed: true,
        )]
        public float $size = 1.0,
        #[Number('Shift X', Unit::Pixels, -400, 400, 0)]
        #[Detail(
            'to the right, of a fill that lies on another: out of register, as in print',
            isOptional: true,
            isKeyed: true,
        )]
        public float $shiftX = 0.0,
        #[Number('Shift Y', Unit::Pixels, -400, 400, 0)]
        #[Detail('down, of a fill that lies on another', isOptional: true, isKeyed: true)]
        public float $shiftY = 0.0,
        #[Number('Opacity', Unit::Fraction, 0, 1, 1)]
        #[Detail(isOptional: true, isKeyed: true)]
        public float $opacity = 1.0,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    public function isGradient(): bool
    {
        return in_array($this->kind, self::GRADIENTS, true);
    }

    /** How opaque it is where it is least so, of its own colours, 0 to 1. */
    public function leastOpacity(): float
    {
        return $this->opacity * min([1.0, ...$this->isGradient() ? array_column($this->usualStops(), 'opacity') : []]);
    }

    /** @return non-empty-list<Stop> */
    public function usualStops(): array
    {
        return $this->stops !== [] ? $this->stops : array_map(
            static fn (array $stop): Stop => new Stop($stop['at'], new Ink(shade: $stop['shade']), 1.0),
            self::USUAL,
        );
    }
}
