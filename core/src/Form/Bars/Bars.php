<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Handle;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\StandsAlone;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** Amounts on a scale, on either side of zero, as bars that lie or stand. */
final readonly class Bars implements Form
{
    use StandsAlone;

    /** how high a new chart is at most, as a multiple of its width */
    private const TALLEST = 1.7;

    private function __construct(private bool $isUpright)
    {
    }

    public static function lying(): self
    {
        return new self(false);
    }

    public static function upright(): self
    {
        return new self(true);
    }

    public function name(): string
    {
        return $this->isUpright ? 'columns' : 'bars';
    }

    public function needs(FormSettings $settings): Needs
    {
        return Needs::SignedAmounts;
    }

    public function settings(): array
    {
        return BarSettings::all();
    }

    public function promise(): string
    {
        return ($this->isUpright ? 'Heights' : 'Lengths').' are in exact proportion to the figures, from a shared baseline at'
            .' zero. Round ends are included in the length. When stacked, only the first series of a row starts at the'
            .' baseline.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'beside', readings: 'value', hasNames: true, isWide: true);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        // So much higher than it is wide, bars would be sticks or planks.
        return ['width' => floor($width), 'height' => floor(min($height, $width * self::TALLEST))];
    }

    public function stacking(FormSettings $settings): string
    {
        return $settings->word('stack');
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        return Scale::stacked($figures, $settings->word('stack'), $settings->number('maximum'));
    }

    public function handles(FormSettings $settings, Point $place, int $count): array
    {
        [$width, $height] = [$settings->number('width'), $settings->number('height')];
        $band = ($this->isUpright ? $width : $height) / max(1, $count);
        // The edge of the first bar: one that is thicker leaves less between.
        $thick = $band * (1 - $settings->number('spacing'));
        $edge = $this->isUpright
            ? new Point($place->x - $width / 2 + ($band + $thick) / 2, $place->y + $height / 2)
            : new Point($place->x - $width / 2, $place->y - $height / 2 + ($band + $thick) / 2);

        return [
            // Its middle stays, so that each side goes half of the way.
            Handle::along('width', new Point($place->x + $width / 2, $place->y), 90, 2),
            Handle::along('height', new Point($place->x, $place->y - $height / 2), 0, 2),
            Handle::along('spacing', $edge, $this->isUpright ? 270 : 0, 2 / $band, 0.01),
        ];
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): BarLayout
    {
        return BarLayout::of($settings, $place, $moment, $this->isUpright);
    }
}
