<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;

/** How forms declare their settings: most numbers can be changed by moves, and each has a label at the desk. */
final readonly class FormSetting
{
    private const LONGEST = 20_000;

    /** @param bool $isFirst whether it is one of the few decisions that make most of the difference */
    public static function number(
        string $name,
        string $label,
        Unit $unit,
        float $min,
        float $max,
        float $default,
        bool $isFirst = false,
        bool $isKeyed = true,
        string $hint = '',
    ): Declared {
        // Long ways in one step of the arrow keys.
        $step = $unit === Unit::Pixels && $max > 400 ? 2 : 1;

        return Declared::named(
            $name,
            new Number($label, $unit, $min, $max, $default, $step),
            new Detail(hint: $hint, isKeyed: $isKeyed, isFirst: $isFirst),
        );
    }

    /** @param non-empty-array<string, string> $choices value in the document => word at the desk; the first is usual */
    public static function choice(
        string $name,
        string $label,
        array $choices,
        bool $isFirst = false,
        bool $isKeyed = false,
        string $hint = '',
    ): Declared {
        return Declared::named(
            $name,
            new Choice($label, $choices),
            new Detail(hint: $hint, isKeyed: $isKeyed, isFirst: $isFirst),
        );
    }

    /** A text such as SVG path data. */
    public static function text(string $name, string $label, string $default, string $hint = ''): Declared
    {
        return Declared::named($name, new Text($label, self::LONGEST, $default), new Detail(hint: $hint));
    }
}
