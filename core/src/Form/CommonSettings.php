<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Unit;

/** Settings that several forms share. */
final readonly class CommonSettings
{
    public static function order(): Declared
    {
        $orders = ['sheet' => 'As in sheet', 'descending' => 'Largest first', 'ascending' => 'Smallest first'];

        return FormSetting::choice('order', 'Order', $orders, true, true);
    }

    public static function direction(): Declared
    {
        $directions = ['clockwise' => 'Clockwise', 'counterclockwise' => 'Anticlockwise'];

        return FormSetting::choice('direction', 'Direction', $directions);
    }

    public static function rest(): Declared
    {
        $rests = ['shown' => 'Shown', 'tinted' => 'Tinted', 'none' => 'Hidden'];

        return FormSetting::choice('rest', 'Rest', $rests);
    }

    public static function track(bool $isFirst = false): Declared
    {
        $tracks = ['tinted' => 'Tinted', 'plain' => 'Plain', 'none' => 'None'];

        return FormSetting::choice('track', 'Track', $tracks, $isFirst);
    }

    /** @param string $hint where the scale ends if nothing is said */
    public static function maximum(string $hint): Declared
    {
        return FormSetting::number('maximum', 'Scale maximum', Unit::Value, 0, 1e15, 0, isKeyed: false, hint: $hint);
    }
}
