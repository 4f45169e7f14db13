<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Form\FormSetting;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Unit;

/** Settings that strip and ribbon share. */
final readonly class RibbonSettings
{
    /** @return list<Declared> */
    public static function shared(float $thickness): array
    {
        return [
            FormSetting::number('thickness', 'Thickness', Unit::Pixels, 1, 2000, $thickness, true),
            FormSetting::number('bend', 'Bend', Unit::Fraction, 0, 1, 1, true, hint: '0 is straight, 1 is fully bent.'),
            FormSetting::choice('ends', 'Ends', ['flat' => 'Flat', 'round' => 'Round'], true),
            FormSetting::number('gap', 'Gap', Unit::Pixels, 0, 200, 0),
            CommonSettings::order(),
            CommonSettings::rest(),
        ];
    }
}
