<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\Piece\TextStyle;

/** Sets text as outlines, with kerning, and with tabular figures where numbers count. */
final class TextSetter
{
    /**
     * Texts whose signs join, stack, change their order or run from right to left: those with combining marks, and the
     * scripts of the blocks Hebrew to Myanmar, Khmer, Mongolian and their forms (Unicode 15, Blocks.txt).
     */
    private const SHAPED = '/[\x{300}-\x{36F}\x{590}-\x{109F}\x{1780}-\x{18AF}\x{200C}-\x{200F}\x{202A}-\x{202E}'
        .'\x{2066}-\x{2069}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFC}]/u';

    /** pixels: a text that was made as wide as its room fits into it */
    private const HAIR = 1e-6;

    /** @var array<string, Run> */
    private array $set = [];

    /** @var \WeakMap<object, array<string, mixed>> */
    private readonly \WeakMap $measured;

    public function __construct(private readonly FontBook $fonts)
    {
        $this->measured = new \WeakMap();
    }

    /**
     * What was measured for something, once for each face of type and kept as long as that is.
     *
     * @template T
     *
     * @param string $key what is measured of it
     * @param callable(): T $measure
     *
     * @return T
     */
    public function measured(object $of, string $key, TextStyle $style, callable $measure): mixed
    {
        $known = $this->measured[$of] ?? [];
        $key = $key.' '.self::face($style);
        if (!array_key_exists($key, $known)) {
            $known[$key] = $measure();
            $this->measured[$of] = $known;
        }

        return $known[$key];
    }

    /** All that widths depend on but the size. */
    private static function face(TextStyle $style): string
    {
        return $style->font.' '.$style->letterSpacing.($style->upperCase ? ' A' : ' a')
            .($style->hasOldFigures ? '3' : '1');
    }

    /**
     * @param bool $tabular every digit takes the same width and none is kerned, so that a counting number stands still
     */
    public function run(string $text, TextStyle $style, bool $tabular = false): Run
    {
        $key = self::face($style).($tabular ? '0 ' : ' ').$text;

        return $this->set[$key] ??= $this->make($text, $style, $tabular, $key);
    }

    /** Width in pixels. */
    public function width(string $text, TextStyle $style, bool $tabular = false): float
    {
        return $this->run($text, $style, $tabular)->width * $this->scale($style);
    }

    /** Pixels for one font unit. */
    public function scale(TextStyle $style): float
    {
        return $style->size / FontPack::UNITS_PER_EM;
    }

    /** Height of a capital, in pixels. */
    public function capHeight(TextStyle $style): float
    {
        return $this->fonts->pack($style->font)->capHeight * $this->scale($style);
    }

    /**
     * Breaks a text into lines no wider than a width; a word that is wider by itself stands alone.
     *
     * @return list<string>
     */
    public function lines(string $text, TextStyle $style, float $width): array
    {
        $lines = $this->filled($text, $style, $width);

        return $style->isBalanced && count($lines) > 1 ? $this->balanced($text, $style, $width, count($lines)) : $lines;
    }

    /**
     * The same number of lines, in the narrowest width that they fit into.
     *
     * @return list<string>
     */
    private function balanced(string $text, TextStyle $style, float $width, int $count): array
    {
        [$low, $high] = [$width / $count / 2, $width];
        while ($high - $low > 1) {
            $middle = ($low + $high) / 2;
            if (count($this->filled($text, $style, $middle)) > $count) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $this->filled($text, $style, $high);
    }

    /** @return list<string> each as full as it can be */
    private function filled(string $text, TextStyle $style, float $width): array
    {
        $lines = [];
        foreach (explode("\n", str_replace("\r", '', $text)) as $paragraph) {
            $line = '';
            $words = preg_split('/ +/', $paragraph);
            foreach ($words === false ? [] : $words as $word) {
                $longer = $line === '' ? $word : $line.' '.$word;
                if ($line !== '' && $this->width($longer, $style) > $width) {
                    $lines[] = $line;
                    $longer = $word;
                }
                $line = $longer;
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** The text, or its beginning and an ellipsis where it is wider than the width. */
    public function fitted(string $text, TextStyle $style, float $width): string
    {
        if ($this->width($text, $style) <= $width + self::HAIR) {
            return $text;
        }
        for ($length = mb_strlen($text) - 1; $length > 0; --$length) {
            $shorter = rtrim(mb_substr($text, 0, $length)).'…';
            if ($this->width($shorter, $style) <= $width) {
                return $shorter;
            }
        }

        return '…';
    }

    public function isHere(string $font): bool
    {
        return $this->fonts->isHere($font);
    }

    /** @return list<string> the characters that the font does not have */
    public function missing(string $text, string $font): array
    {
        $pack = $this->fonts->pack($font);

        return array_values(
            array_unique(
                array_filter(
                    mb_str_split($text),
                    // Marks of direction and joining have no shape.
                    static fn (string $character): bool => preg_match('/^[\n\p{Cf}]$/Du', $character) !== 1
                        && !$pack->has($character),
                ),
            ),
        );
    }

    private function make(string $text, TextStyle $style, bool $tabular, string $key): Run
    {
        $font = $this->fonts->pack($style->font);
        $spacing = $style->letterSpacing * FontPack::UNITS_PER_EM;
        if (preg_match(self::SHAPED, $text) === 1) {
            $features = ['tnum' => $tabular, 'onum' => $style->hasOldFigures];
            $shaped = $this->fonts->shaped($style->font, $style->written($text), $features, $spacing);
            if ($shaped !== null) {
                return new Run($text, $shaped->width, $shaped->glyphs, $key, $shaped->isFromRight);
            }
        }
        $x = 0.0;
        $glyphs = [];
        $before = null;
        $isAfterDigit = false;
        foreach (mb_str_split($style->written($text)) as $character) {
            $isDigit = preg_match('/^\d$/D', $character) === 1;
            $isFigure = $tabular && ($isDigit || $character === '.' || $character === ',');
            $character = $style->hasOldFigures ? $font->oldFigure($character) : $character;
            if ($before !== null) {
                $x += $spacing;
            }
            if ($before !== null && !$isFigure && !($tabular && $isAfterDigit)) {
                $x += $font->kerning($before, $character);
            }
            if ($character !== ' ' && $character !== "\u{2009}" && $character !== "\u{A0}") {
                $glyphs[] = $font->glyph($character, $isFigure, $x);
            }
            $x += $font->width($character, $isFigure);
            $before = $character;
            $isAfterDigit = $isDigit;
        }

        return new Run($text, $x, $glyphs, $key);
    }
}
