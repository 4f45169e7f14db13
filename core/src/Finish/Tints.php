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

    private const DARK = 0.42;
    private const PALEST = 0.93;

    /**
     * @param int $count at least 1
     *
     * @return list<string> from the deepest to the palest; one of them is the swatch itself
     */
    public static function of(string $swatch, int $count): array
    {
        [$lightness, $chroma, $hue] = Colour::hex($swatch)->toOklch();
        if ($count === 1) {
            return [$swatch];
        }
        if ($lightness < self::DARK) {
            // So dark that steps beside it could not be seen: it stands alone at the deep end.
            $others = self::of(Colour::oklch(self::DARK, $chroma, $hue)->toHex(), $count - 1);

            return [strtolower($swatch), ...$others];
        }
        $span = min(self::SPAN, 0.22 + 0.08 * ($count - 2));
        $deepest = min(0.95 - $span, max(0.5, $lightness - $span * 0.3));
        $between = $span / ($count - 1);
        // The swatch is one of the family: the others stand around it, none of them nearly white.
        $own = max(0, min($count - 1, (int) round(($lightness - $deepest) / $between)));
        while ($own < $count - 1 && $lightness + ($count - 1 - $own) * $between > self::PALEST) {
            ++$own;
        }
        $deepest = $lightness - $own * $between;
        $tints = [];
        for ($step = 0; $step < $count; ++$step) {
            $at = $deepest + $step * $between;
            $tints[] = $step === $own ? strtolower($swatch) : Colour::oklch(
                $at,
                $chroma * ($at > $lightness ? max(0.3, 1 - 2.3 * ($at - $lightness)) : 1 + 0.5 * ($lightness - $at)),
                $hue,
            )->toHex();
        }

        return $tints;
    }
}
