<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Piece\FormSetting;

/** Settings that bars and columns share. */
final readonly class BarSettings
{
    /** @return list<FormSetting> */
    public static function all(): array
    {
        return [
            FormSetting::number('width', 'width', 'pixels', 20, 8000, 760, true),
            FormSetting::number('height', 'height', 'pixels', 20, 8000, 620, true),
            FormSetting::number('spacing', 'spacing', 'fraction', 0, 0.95, 0.36, true),
            FormSetting::number('corner', 'corners', 'pixels', 0, 400, 8, true),
            CommonSettings::order(),
            FormSetting::choice('axis', 'axis', ['ticks' => 'with ticks', 'line' => 'line', 'none' => 'none'], true),
            FormSetting::choice('stack', 'series', ['side' => 'beside', 'stacked' => 'stacked', 'full' => 'to 100 %']),
            FormSetting::choice('corners', 'round', ['end' => 'at the end', 'both' => 'all round']),
            FormSetting::choice('track', 'track', ['none' => 'none', 'tinted' => 'tinted', 'plain' => 'plain']),
            CommonSettings::maximum('0: at a round number behind the largest figure.'),
        ];
    }
}
