<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\CurveSettings;

/** The one place that makes a curve from its settings. */
final readonly class Curves
{
    /** @param int $frames of the move; a settle comes back in frames */
    public static function of(CurveSettings $settings, int $frames): Curve
    {
        $numbers = $settings->numbers;

        return match ($settings->kind) {
            'bezier' => Bezier::bezier($numbers[0], $numbers[1], $numbers[2], $numbers[3]),
            'linear()' => Stops::of($settings->stops),
            'steps()' => StepCurve::of((int) $numbers[0], $settings->jump),
            'settle' => Settle::of($numbers[0], (int) $numbers[1], $frames),
            'spring' => Spring::of($numbers[0]),
            'bounce' => Bounce::of((int) $numbers[0], $numbers[1]),
            default => Bezier::named($settings->kind),
        };
    }
}
