<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/**
 * One family of colours from a single swatch: its lighter companions are greyer, its darker ones more saturated
 * (common practice, no source).
 */
final readonly class Tints
{
    /** The family runs this far from its darkest to its lightest member, in OKLab lightness. */
    private const SPAN = 0.42;

    /**
     * @param int $count at least 1
     *
     * @return list<string> from the deepest to the palest; the swatch itself where there is but one
     */
    public static function of(string $swatch, int $count): array
    {
        [$lightness, $chroma, $hue] = Colour::hex($swatch)->toOklch();
        if ($count === 1) {
            return [$swatch];
        }
        $span = min(self::SPAN, 0.22 + 0.08 * ($count - 2));
        $deepest = min(0.95 - $span, max(0.5, $lightness - $span * 0.3));
        $tints = [];
        for ($step = 0; $step < $count; ++$step) {
            $at = $deepest + ($span * $step) / ($count - 1);
            $tints[] = Colour::oklch(
                $at,
                $chroma * ($at > $lightness ? max(0.3, 1 - 2.3 * ($at - $lightness)) : 1 + 0.5 * ($lightness - $at)),
                $hue,
            )->toHex();
        }

        return $tints;
    }
}
