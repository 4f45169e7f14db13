<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Form\CommonSettings;
use Lupine\Core\Piece\FormSetting;

/** Settings that strip and ribbon share. */
final readonly class RibbonSettings
{
    /** @return list<FormSetting> */
    public static function shared(float $thickness): array
    {
        return [
            FormSetting::number('thickness', 'thickness', 'pixels', 1, 2000, $thickness, true),
            FormSetting::number('bend', 'bend', 'fraction', 0, 1, 1, true, hint: '0 is straight, 1 is bent in full.'),
            FormSetting::choice('ends', 'ends', ['flat' => 'flat', 'round' => 'round'], true),
            FormSetting::number('gap', 'gap', 'pixels', 0, 200, 0),
            CommonSettings::order(),
            CommonSettings::rest(),
        ];
    }
}
