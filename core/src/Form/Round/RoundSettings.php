<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Unit;

/** Settings that pie and donut share. */
final readonly class RoundSettings
{
    /** @return list<Declared> */
    public static function first(): array
    {
        return [FormSetting::number('radius', 'Radius', Unit::Pixels, 4, 4000, 350, true)];
    }

    /** @return list<Declared> */
    public static function others(): array
    {
        return [
            FormSetting::number('startDegrees', 'Start angle', Unit::Degrees, -3600, 3600, 0, true),
            FormSetting::number('gap', 'Gap', Unit::Pixels, 0, 200, 0, true),
            CommonSettings::order(),
            FormSetting::number(
                'sweepDegrees',
                'Sweep',
                Unit::Degrees,
                1,
                360,
                360,
                hint: 'Angle covered by the whole. 180 makes a half circle.',
            ),
            FormSetting::choice(
                'gapKeeps',
                'Keep exact',
                ['angles' => 'Angles', 'areas' => 'Visible areas'],
                hint: 'Angles keeps each angle exact; a gap trims both sides equally. Visible areas keeps what is seen of each part exact, with its gaps and corners.',
            ),
            FormSetting::number('corner', 'Corners', Unit::Pixels, 0, 400, 0),
            CommonSettings::direction(),
            CommonSettings::rest(),
            FormSetting::choice('track', 'Track', ['none' => 'None', 'tinted' => 'Tinted', 'plain' => 'Plain']),
        ];
    }
}
