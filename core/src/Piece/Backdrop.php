<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\Ink;
use Lupine\Core\Piece\Coat\Stop;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** What is behind the charts. */
#[Described('What is behind the charts.')]
final readonly class Backdrop
{
    /** how dark the vignette is on its way out, as a fraction of what it is at its rim */
    public const VIGNETTE = [[0.0, 0.0], [0.5, 0.0], [0.75, 0.3], [1.0, 1.0]];

    /** textures, lights and clouds, of each */
    public const MOST = 5;

    private const SEEN = ['colour', 'linear', 'radial', 'picture'];

    public function __construct(
        #[Choice('Backdrop', [
            'colour' => 'Colour',
            'linear' => 'Linear',
            'radial' => 'Radial',
            'picture' => 'Picture',
            'transparent' => 'Transparent',
        ])]
        public string $kind,
        #[ColourValue('Colour', '#1d3a35')]
        #[Detail('or where the gradient begins; of a picture, under it', when: ['kind' => self::SEEN], isKeyed: true)]
        public string $colour,
        #[ColourValue('Edge colour', '#12211f')]
        #[Detail('where the gradient ends', when: ['kind' => ['linear', 'radial']], isKeyed: true)]
        public string $edge,
        #[Number('Vignette', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much the corners darken', when: ['kind' => self::SEEN], isKeyed: true)]
        public float $vignette,
        #[Id('Picture')]
        #[Detail('one of the piece’s; null, or gone: its colour', isOptional: true, when: ['kind' => ['picture']])]
        public ?string $picture = null,
        #[Number('Dim', Unit::Fraction, 0, 1, 0)]
        #[Detail(
            'how much of the colour lies over the picture',
            hint: 'Dims the picture towards the colour.',
            isOptional: true,
            when: ['kind' => ['picture']],
            isKeyed: true,
        )]
        public float $dim = 0.0,
        #[Number('Blur', Unit::Fraction, 0, 0.1, 0)]
        #[Detail(
            'how far the picture is out of focus: the standard deviation, as a part of its width',
            isOptional: true,
            when: ['kind' => ['picture']],
            isKeyed: true,
        )]
        public float $blur = 0.0,
        #[Number('Drift', Unit::Fraction, 0, 0.2, 0)]
        #[Detail(
            'how far the picture goes from its middle and back, as a part of the width; it is larger by that',
            hint: 'Moves the picture slowly to and fro, without a jump.',
            isOptional: true,
            when: ['kind' => ['picture']],
        )]
        public float $drift = 0.0,
        #[Whole('Period', Unit::Frames, 2, Stage::MAX_FRAMES, 600)]
        #[Detail('of one round', isOptional: true, when: ['kind' => ['picture'], 'drift' => true])]
        public int $every = 600,
        /** @var list<Stop> */
        #[Several(new Part(Stop::class), max: 8, label: 'Colours')]
        #[Detail('of the gradient; none: from its colour to its edge colour', isOptional: true)]
        public array $stops = [],
        #[Number('Angle', Unit::Degrees, -720, 720, 180)]
        #[Detail(
            'where a linear gradient leads, clockwise from 12 o’clock',
            isOptional: true,
            when: ['kind' => ['linear']],
            isKeyed: true,
        )]
        public float $degrees = 180.0,
        #[Number('Centre X', Unit::Fraction, -2, 3, 0.5)]
        #[Detail(
            'middle of a radial gradient or of a picture, as a part of the width',
            isOptional: true,
            when: ['kind' => ['radial', 'picture']],
            isKeyed: true,
        )]
        public float $x = 0.5,
        #[Number('Centre Y', Unit::Fraction, -2, 3, 0.5)]
        #[Detail('as a part of the height', isOptional: true, when: ['kind' => ['radial', 'picture']], isKeyed: true)]
        public float $y = 0.5,
        #[Number('Size', Unit::Fraction, 0.02, 8, 1, step: 5)]
        #[Detail(
            '1: the gradient’s ends just reach the corners, or a picture just covers the stage',
            isOptional: true,
            when: ['kind' => ['linear', 'radial', 'picture']],
            isKeyed: true,
        )]
        public float $size = 1.0,
        /** @var list<TextureCoat> */
        #[Several(new Part(TextureCoat::class), max: self::MOST, label: 'Textures')]
        #[Detail(isOptional: true)]
        public array $textures = [],
        /** @var list<BackdropLight> */
        #[Several(new Part(BackdropLight::class), max: self::MOST, label: 'Lights')]
        #[Detail(isOptional: true)]
        public array $lights = [],
        /** @var list<Clouds> */
        #[Several(new Part(Clouds::class), max: self::MOST, label: 'Clouds')]
        #[Detail(isOptional: true)]
        public array $clouds = [],
        #[ColourValue('Shown on')]
        #[Detail(
            'what a transparent stage is seen on at the desk and on the shelf; no file has it; null: a chequered ground',
            isOptional: true,
            when: ['kind' => ['transparent']],
        )]
        public ?string $preview = null,
    ) {
    }

    /** Its gradient or its picture as a fill of the stage. */
    public function fill(): FillCoat
    {
        if ($this->kind === 'picture') {
            // As much larger as it takes to cover the stage wherever it drifts to.
            $size = $this->size * (1 + 2 * $this->drift);

            return new FillCoat(
                'picture',
                picture: $this->picture,
                blur: $this->blur,
                x: $this->x,
                y: $this->y,
                size: $size,
            );
        }

        return new FillCoat(
            $this->kind,
            stops: $this->stops !== [] ? $this->stops : [
                new Stop(0.0, new Ink($this->colour), 1.0),
                new Stop(1.0, new Ink($this->edge), 1.0),
            ],
            degrees: $this->degrees,
            x: $this->x,
            y: $this->y,
            size: $this->size,
        );
    }

    /**
     * How much the vignette darkens a place, 0 to 1.
     *
     * @param float $away from the middle, as a fraction of the way to the vignette's rim
     */
    public function darkened(float $away): float
    {
        for ($stop = 1; $stop < count(self::VIGNETTE); ++$stop) {
            [[$from, $dark], [$to, $darker]] = [self::VIGNETTE[$stop - 1], self::VIGNETTE[$stop]];
            if ($away < $to) {
                $part = ($away - $from) / max(1e-9, $to - $from);

                return $this->vignette * ($dark + ($darker - $dark) * $part);
            }
        }

        return $this->vignette;
    }
}
