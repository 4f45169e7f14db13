<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Needs;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Moment;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** Amounts on a scale, on either side of zero, as bars that lie upright. */
final readonly class Columns implements Form
{
    public function name(): string
    {
        return 'columns';
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
        return 'All heights are to each other as the figures are, from one baseline at zero. Round ends lie within the'
            .' length. Stacked, only the first series of a row begins at the baseline.';
    }

    public function defaults(): FormDefaults
    {
        return new FormDefaults(labels: 'beside', readings: 'value', hasNames: true, isWide: true);
    }

    public function fitted(float $width, float $height, int $count): array
    {
        return ['width' => floor($width), 'height' => floor($height)];
    }

    public function stacking(FormSettings $settings): string
    {
        return $settings->word('stack');
    }

    public function scale(FormSettings $settings, Figures $figures): Scale
    {
        return BarScale::of($settings, $figures);
    }

    public function layout(FormSettings $settings, Point $place, Moment $moment): BarLayout
    {
        return BarLayout::of($settings, $place, $moment, true);
    }
}
