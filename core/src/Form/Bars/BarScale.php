<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Piece\FormSettings;

/** The scale that bars need: to the largest amount, to the largest stack, or to 100 %. */
final readonly class BarScale
{
    public static function of(FormSettings $settings, Figures $figures): Scale
    {
        $stack = $settings->word('stack');
        if ($figures->seriesCount() < 2 || $stack === 'side') {
            return Scale::around($figures->values(), $settings->number('maximum'));
        }
        $above = [];
        $below = [];
        foreach ($figures->list as $figure) {
            $above[$figure->rowId] = ($above[$figure->rowId] ?? 0.0) + max(0.0, $figure->value());
            $below[$figure->rowId] = ($below[$figure->rowId] ?? 0.0) + min(0.0, $figure->value());
        }
        if ($stack === 'stacked') {
            return Scale::around([...array_values($above), ...array_values($below)], $settings->number('maximum'));
        }

        return Scale::around(array_sum($below) < 0 ? [100.0, -100.0] : [100.0], 100.0);
    }
}
