<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Pin;
use Lupine\Core\Piece\ScriptLine;

/** The moments of the script that a move can be pinned to. */
final readonly class Beats
{
    public function __construct(private Piece $piece)
    {
    }

    /** The frame of a pinned moment, or null where its line or word is no longer in the script. */
    public function frameOf(Pin $pin): ?int
    {
        $line = $this->piece->line($pin->line);
        if ($line === null) {
            return null;
        }
        if ($pin->word === null) {
            return max(0, $line->begin + $pin->offset);
        }
        $word = self::words($line)[$pin->word] ?? null;

        return $word === null ? null : max(0, $word->frame + $pin->offset);
    }

    /** What a pin is tied to, to be shown: the word itself, or the first words of the line. */
    public function named(Pin $pin): string
    {
        $line = $this->piece->line($pin->line);
        $words = $line === null ? [] : self::words($line);
        if ($pin->word !== null && isset($words[$pin->word])) {
            return trim($words[$pin->word]->text, ' ,.;:!?"“”');
        }

        return mb_strimwidth(
            implode(' ', array_map(static fn (SpokenWord $word): string => $word->text, $words)),
            0,
            24,
            '…',
        );
    }

    /**
     * The words of a line. As long as there is no recording to measure, a line is taken to be spoken evenly: each word
     * begins where the letters before it end.
     *
     * @return list<SpokenWord>
     */
    public static function words(ScriptLine $line): array
    {
        $texts = preg_split('/\s+/u', trim($line->text), -1, PREG_SPLIT_NO_EMPTY);
        $texts = $texts === false ? [] : $texts;
        $letters = array_map('mb_strlen', $texts);
        $all = array_sum($letters) + count($letters);
        $words = [];
        $before = 0;
        foreach ($texts as $index => $text) {
            $words[] = new SpokenWord(
                $text,
                $line->begin + (int) floor((($line->end - $line->begin) * $before) / max(1, $all)),
            );
            $before += $letters[$index] + 1;
        }

        return $words;
    }
}
