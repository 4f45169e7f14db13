<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Piece\FormSetting;

/** Settings that several forms share. */
final readonly class CommonSettings
{
    public static function order(): FormSetting
    {
        $orders = ['sheet' => 'sheet', 'descending' => 'largest', 'ascending' => 'smallest'];

        return FormSetting::choice('order', 'order', $orders, true, true);
    }

    public static function direction(): FormSetting
    {
        $directions = ['clockwise' => 'clockwise', 'counterclockwise' => 'counter'];

        return FormSetting::choice('direction', 'direction', $directions);
    }

    public static function rest(): FormSetting
    {
        $rests = ['shown' => 'shown', 'tinted' => 'tinted', 'none' => 'left out'];

        return FormSetting::choice('rest', 'the rest', $rests);
    }

    public static function track(bool $isFirst = false): FormSetting
    {
        $tracks = ['tinted' => 'tinted', 'plain' => 'plain', 'none' => 'none'];

        return FormSetting::choice('track', 'track', $tracks, $isFirst);
    }

    /** @param string $hint where the scale ends if nothing is said */
    public static function maximum(string $hint): FormSetting
    {
        return FormSetting::number('maximum', 'scale ends at', 'value', 0, 1e15, 0, isKeyed: false, hint: $hint);
    }
}
