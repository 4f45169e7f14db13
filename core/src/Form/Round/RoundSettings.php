<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Piece\FormSetting;

/** Settings that pie and donut share. */
final readonly class RoundSettings
{
    /** @return list<FormSetting> */
    public static function first(): array
    {
        return [FormSetting::number('radius', 'radius', 'pixels', 4, 4000, 350, true)];
    }

    /** @return list<FormSetting> */
    public static function others(): array
    {
        return [
            FormSetting::number('startDegrees', 'starts at', 'degrees', -3600, 3600, 0, true),
            FormSetting::number('gap', 'gap', 'pixels', 0, 200, 0, true),
            CommonSettings::order(),
            FormSetting::number(
                'sweepDegrees',
                'whole sweep',
                'degrees',
                1,
                360,
                360,
                hint: 'What the whole covers: 180 is half of it.',
            ),
            FormSetting::choice(
                'gapKeeps',
                'gaps keep',
                ['angles' => 'boundaries', 'areas' => 'visible areas'],
                hint: 'Boundaries: each angle is exact, and a gap takes from both sides alike. Visible areas: what is seen of each part is exact, with its gaps and corners.',
            ),
            FormSetting::number('corner', 'corners', 'pixels', 0, 400, 0),
            CommonSettings::direction(),
            CommonSettings::rest(),
            FormSetting::choice('track', 'track', ['none' => 'none', 'tinted' => 'tinted', 'plain' => 'plain']),
        ];
    }
}
