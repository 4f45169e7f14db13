<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** What is behind the charts. */
#[Described('What is behind the charts.')]
final readonly class Backdrop
{
    /** how dark the vignette is on its way out, as a fraction of what it is at its rim */
    public const VIGNETTE = [[0.0, 0.0], [0.5, 0.0], [0.75, 0.3], [1.0, 1.0]];

    public function __construct(
        #[Choice('Backdrop', ['colour' => 'Colour', 'radial' => 'Radial', 'transparent' => 'Transparent'])]
        public string $kind,
        #[ColourValue('Colour', '#1d3a35')]
        #[Detail('or the middle of the gradient', when: ['kind' => ['colour', 'radial']], isKeyed: true)]
        public string $colour,
        #[ColourValue('Edge colour', '#12211f')]
        #[Detail(when: ['kind' => ['radial']], isKeyed: true)]
        public string $edge,
        #[Number('Vignette', Unit::Fraction, 0, 1, 0)]
        #[Detail('how much the corners darken', when: ['kind' => ['colour', 'radial']], isKeyed: true)]
        public float $vignette,
    ) {
    }

    /** The same with other colours: the kind stays. */
    public function with(string $colour, string $edge, float $vignette): self
    {
        return new self($this->kind, $colour, $edge, $vignette);
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
