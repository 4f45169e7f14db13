<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Unit;

/** Settings that bars and columns share. */
final readonly class BarSettings
{
    /** @return list<Declared> */
    public static function all(): array
    {
        return [
            FormSetting::number('width', 'Width', Unit::Pixels, 20, 8000, 760, true),
            FormSetting::number('height', 'Height', Unit::Pixels, 20, 8000, 620, true),
            FormSetting::number('spacing', 'Spacing', Unit::Fraction, 0, 0.95, 0.36, true),
            FormSetting::number('corner', 'Corners', Unit::Pixels, 0, 400, 8, true),
            CommonSettings::order(),
            FormSetting::choice('axis', 'Axis', ['ticks' => 'With ticks', 'line' => 'Line', 'none' => 'None'], true),
            FormSetting::choice(
                'stack',
                'Series',
                ['side' => 'Side by side', 'stacked' => 'Stacked', 'full' => 'To 100 %'],
            ),
            FormSetting::choice('corners', 'Round corners', ['end' => 'At the end only', 'both' => 'All corners']),
            FormSetting::choice('track', 'Track', ['none' => 'None', 'tinted' => 'Tinted', 'plain' => 'Plain']),
            CommonSettings::maximum('0 picks a round number above the largest figure.'),
        ];
    }
}
