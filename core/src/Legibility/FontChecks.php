<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Piece\Fonts;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\TextSetter;

/** Whether the fonts of a piece are here, and have what its texts need. */
final readonly class FontChecks
{
    /** signs that are named one by one */
    private const NAMED = 4;

    public function __construct(private Piece $piece, private TextSetter $setter)
    {
    }

    /** @return list<Check> */
    public function checks(): array
    {
        return [...$this->fontsHere(), $this->signsThere()];
    }

    /** @return list<Check> */
    private function fontsHere(): array
    {
        $styles = [];
        $groups = [...$this->piece->words, $this->piece->captions];
        foreach ($this->piece->charts as $chart) {
            array_push($groups, ...array_values(get_object_vars($chart->words)));
        }
        foreach ($groups as $group) {
            $style = is_object($group) ? get_object_vars($group)['style'] ?? null : null;
            if ($style instanceof TextStyle && !$this->setter->isHere($style->font)) {
                $styles[$style->font] = Check::wrong(sprintf(
                    'The font “%s” is not on this machine; its texts are set in %s. Bring the font in again, or choose another.',
                    Fonts::nameOf($style->font),
                    Fonts::nameOf(Fonts::USUAL),
                ));
            }
        }

        return array_values($styles);
    }

    private function signsThere(): Check
    {
        $missing = [];
        foreach ($this->texts() as [$text, $font]) {
            foreach ($this->setter->missing($text, $font) as $sign) {
                $missing[$sign] ??= sprintf('%s in “%s”', $sign, mb_strimwidth($text, 0, 40, '…'));
            }
        }

        return $missing === []
            ? Check::right('The fonts contain every character used.')
            : Check::wrong(
                sprintf(
                    'There is no character for %s; a box is shown instead. Write it another way.',
                    implode('; ', array_slice($missing, 0, self::NAMED)),
                ),
            );
    }

    /** @return list<array{string, string}> each text, and its font */
    private function texts(): array
    {
        $texts = [];
        foreach ($this->piece->words as $words) {
            $texts[] = [$words->text, $words->style->font];
        }
        foreach ($this->piece->captions === null ? [] : $this->piece->narration->captioned() as $line) {
            $texts[] = [$line->text, $this->piece->captions->style->font ?? ''];
        }
        foreach ($this->piece->charts as $chart) {
            foreach ($this->piece->table($chart->table)->rows as $row) {
                $texts[] = [$row->label, $chart->words->legend->style->font ?? $chart->words->labels->style->font];
            }
        }

        return $texts;
    }
}
