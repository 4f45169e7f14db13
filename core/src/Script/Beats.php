<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Pin;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Piece\ScriptLine;

/** The moments of the script that a move can be pinned to. */
final class Beats
{
    /** @var array<string, list<SpokenWord>> by line */
    private array $known = [];

    public function __construct(private readonly Piece $piece)
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
        $word = $this->words($line)[$pin->word] ?? null;

        return $word === null ? null : max(0, $word->frame + $pin->offset);
    }

    /** What a pin is tied to, to be shown: the word itself, or the first words of the line. */
    public function named(Pin $pin): string
    {
        $line = $this->piece->line($pin->line);
        $words = $line === null ? [] : $this->words($line);
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
     * The words of a line, where the recording in use says them. What it does not say is spread over the time between
     * the words about it, each word beginning where the letters before it end.
     *
     * @return list<SpokenWord>
     */
    public function words(ScriptLine $line): array
    {
        return $this->known[$line->id] ??= $this->found($line);
    }

    /** @return list<string> */
    public static function split(string $text): array
    {
        $texts = preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY);

        return $texts === false ? [] : $texts;
    }

    /** @return list<SpokenWord> */
    private function found(ScriptLine $line): array
    {
        $texts = self::split($line->text);
        $recording = $this->piece->narration->inUse;
        $heard = $recording === null ? [] : $recording->heard[$line->id] ?? [];
        if ($recording === null || $heard === []) {
            return self::spread($texts, $line->begin, $line->end);
        }
        $same = Kin::pairs($texts, array_map(static fn (HeardWord $word): string => $word->text, $heard));
        $words = [];
        $waiting = [];
        $after = $line->begin;
        foreach ($texts as $index => $text) {
            if (!isset($same[$index])) {
                $waiting[] = $text;
                continue;
            }
            $word = $heard[$same[$index]];
            $frame = $recording->frameAt($word->at, $this->piece->stage);
            array_push($words, ...self::spread($waiting, min($after, $frame), $frame));
            $words[] = $this->said($text, $word, $frame, $recording);
            $waiting = [];
            $after = $recording->frameAt($word->end, $this->piece->stage);
        }

        return [...$words, ...self::spread($waiting, $after, max($after, $line->end))];
    }

    private function said(string $text, HeardWord $word, int $frame, Recording $recording): SpokenWord
    {
        return new SpokenWord(
            $text,
            $frame,
            $word->isByHand ? 1.0 : $word->sure,
            $word->isByHand,
            $word->found === null ? null : $recording->frameAt($word->found, $this->piece->stage),
            $word->isUnsaid && !$word->isByHand,
        );
    }

    /**
     * @param list<string> $texts
     *
     * @return list<SpokenWord>
     */
    private static function spread(array $texts, int $begin, int $end): array
    {
        $letters = array_map('mb_strlen', $texts);
        $all = array_sum($letters) + count($letters);
        $words = [];
        $before = 0;
        foreach ($texts as $index => $text) {
            $words[] = new SpokenWord($text, $begin + (int) floor((($end - $begin) * $before) / max(1, $all)));
            $before += $letters[$index] + 1;
        }

        return $words;
    }
}
