<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Piece\TextStyle;

/** The colour of words that have that of their part: as much lighter or darker as it takes to be read. */
final readonly class PartInk
{
    /** contrast that it has at least, where there is one (WCAG 2.2, 1.4.3) */
    private const CONTRAST = 4.5;

    /** by which its lightness goes on, in OKLab, and how often at most */
    private const STEP = 0.03;
    private const STEPS = 34;

    /**
     * @param Colour|null $ground what is behind the words; null: not known
     *
     * @return TextStyle the style itself, where its words are not in the colour of their part
     */
    public static function on(TextStyle $style, string $part, ?Colour $ground): TextStyle
    {
        return $style->isOfPart ? $style->withColour(self::readable($part, $ground)) : $style;
    }

    private static function readable(string $part, ?Colour $ground): string
    {
        $colour = Colour::hex($part);
        if ($ground === null) {
            return $part;
        }
        $lighter = $ground->contrastWith(Colour::hex(TextStyle::LIGHT))
            >= $ground->contrastWith(Colour::hex(TextStyle::DARK)) ? 1 : -1;
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $now = $colour->lightened($lighter * $step * self::STEP);
            if ($now->contrastWith($ground) >= self::CONTRAST) {
                return $now->toHex();
            }
        }

        return $ground->textOn($part);
    }
}
