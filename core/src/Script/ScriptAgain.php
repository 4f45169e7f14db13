<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;

/**
 * Another text for a piece that may have a script already: its lines, which of them are the ones that are there, where
 * each word that was there is now, and the nearest kin of those that are gone.
 */
final readonly class ScriptAgain
{
    /** the part of a word's letters that are the other's, from which on they are alike */
    private const ALIKE = 0.75;

    /** how many words are offered for one that is gone */
    private const OFFERED = 3;

    /**
     * @param list<array{id: string, text: string, begin: int, end: int}> $lines
     * @param list<array{line: string, words: list<array<string, mixed>>}> $heard words with times of their own
     * @param array<string, array{line: string, word: int}> $moved words that are elsewhere now, by “line:word”
     * @param array<string, list<array{line: string, word: int, text: string}>> $kin of words that are gone
     * @param list<string> $added
     * @param list<string> $gone
     */
    private function __construct(
        public array $lines,
        public array $heard,
        public array $moved,
        public array $kin,
        public array $added,
        public array $gone,
    ) {
    }

    public static function of(Piece $piece, WrittenScript $written): self
    {
        $old = [];
        foreach ($piece->narration->lines as $line) {
            foreach (Beats::split($line->text) as $index => $text) {
                $old[] = ['line' => $line->id, 'word' => $index, 'text' => $text];
            }
        }
        $new = [];
        foreach ($written->lines as $at => $line) {
            foreach (Beats::split($line->text) as $index => $text) {
                $new[] = ['at' => $at, 'word' => $index, 'text' => $text];
            }
        }
        $pairs = Kin::ofLong(array_column($new, 'text'), array_column($old, 'text'));
        $ids = self::ids($written, $new, $old, $pairs, $piece);
        $moved = [];
        $kin = [];
        $was = array_flip($pairs);
        $gone = [];
        foreach ($old as $index => $word) {
            $key = $word['line'].':'.$word['word'];
            if (isset($was[$index])) {
                $now = $new[$was[$index]];
                $moved[$key] = ['line' => $ids[$now['at']], 'word' => $now['word']];
            } else {
                $gone[] = $index;
                $kin[$key] = self::kin($index, $old, $new, $was, $ids);
            }
        }
        $laid = self::laid($written, $piece->stage);
        $lines = [];
        $heard = [];
        foreach ($written->lines as $at => $line) {
            $lines[] = ['id' => $ids[$at], 'text' => self::textOf($piece, $ids[$at], $written, $line), ...$laid[$at]];
            if ($line->words !== []) {
                $heard[] = ['line' => $ids[$at], 'words' => self::heard($line)];
            }
        }
        $added = array_values(array_diff(array_keys($new), array_keys($pairs)));

        return new self(
            $lines,
            $heard,
            $moved,
            $kin,
            self::phrases($added, array_column($new, 'text')),
            self::phrases($gone, array_column($old, 'text')),
        );
    }

    /** Plain text has no breaks within its lines: those that are there already stay where the words do. */
    private static function textOf(Piece $piece, string $id, WrittenScript $written, WrittenLine $line): string
    {
        $before = $piece->line($id)->text ?? '';
        $isSame = $written->kind === 'text' && Beats::split($before) === Beats::split($line->text);

        return $isSame ? $before : $line->text;
    }

    /**
     * A line keeps the name of the one with which it has most words in common.
     *
     * @param list<array{at: int, word: int, text: string}> $new
     * @param list<array{line: string, word: int, text: string}> $old
     * @param array<int, int> $pairs
     *
     * @return list<string>
     */
    private static function ids(WrittenScript $written, array $new, array $old, array $pairs, Piece $piece): array
    {
        $common = [];
        foreach ($pairs as $one => $other) {
            [$at, $line] = [$new[$one]['at'], $old[$other]['line']];
            $common[$at][$line] = ($common[$at][$line] ?? 0) + 1;
        }
        $taken = [];
        $ids = [];
        foreach (array_keys($written->lines) as $at) {
            $candidates = array_diff_key($common[$at] ?? [], $taken);
            arsort($candidates);
            $id = array_key_first($candidates);
            $ids[] = $id;
            if ($id !== null) {
                $taken[$id] = true;
            }
        }
        $known = [];
        foreach ($piece->narration->lines as $line) {
            $known[$line->id] = true;
        }
        $next = 1;
        $named = [];
        foreach ($ids as $id) {
            if ($id === null) {
                while (isset($known['line'.$next])) {
                    ++$next;
                }
                $id = 'line'.$next;
                $known[$id] = true;
            }
            $named[] = (string) $id;
        }

        return $named;
    }

    /**
     * For a word that is gone: first those that are written alike, then what stands in its place now.
     *
     * @param list<array{line: string, word: int, text: string}> $old
     * @param list<array{at: int, word: int, text: string}> $new
     * @param array<int, int> $was the new word of each old one
     * @param list<string> $ids
     *
     * @return list<array{line: string, word: int, text: string}>
     */
    private static function kin(int $index, array $old, array $new, array $was, array $ids): array
    {
        if ($new === []) {
            return [];
        }
        $place = self::place($index, count($old), count($new), $was);
        $plain = Kin::plain($old[$index]['text']);
        $near = [];
        foreach ($new as $at => $word) {
            $other = Kin::plain($word['text']);
            $away = abs($at - $place);
            $alike = similar_text($plain, $other) / max(1, strlen($plain), strlen($other));
            $near[$at] = ($alike >= self::ALIKE ? $alike * 20 : 0.0) - min(40.0, $away);
        }
        arsort($near);

        return array_map(
            static fn (int $at): array => [
                'line' => $ids[$new[$at]['at']],
                'word' => $new[$at]['word'],
                'text' => $new[$at]['text'],
            ],
            array_slice(array_keys($near), 0, self::OFFERED),
        );
    }

    /** @param array<int, int> $was */
    private static function place(int $index, int $old, int $new, array $was): float
    {
        for ($away = 1; $away < $old; ++$away) {
            if (isset($was[$index - $away])) {
                return $was[$index - $away] + 1;
            }
            if (isset($was[$index + $away])) {
                return $was[$index + $away] - 1;
            }
        }

        return ($index * $new) / max(1, $old);
    }

    /** @return list<array{begin: int, end: int}> */
    private static function laid(WrittenScript $written, Stage $stage): array
    {
        $texts = array_map(static fn (WrittenLine $line): string => $line->text, $written->lines);

        return $written->kind === 'text'
            ? Laid::byPace($texts, Laid::USUAL_PACE, $stage, intdiv($stage->rateNumerator, 3 * $stage->rateDenominator))
            : Laid::byTimes($written->lines, $stage);
    }

    /** @return list<array{text: string, at: float, end: float}> the words whose times are known, each until the next */
    private static function heard(WrittenLine $line): array
    {
        $texts = Beats::split($line->text);
        $heard = [];
        $times = array_values($line->words);
        foreach (array_keys($line->words) as $order => $index) {
            $heard[] = [
                'text' => $texts[$index] ?? '',
                'at' => $times[$order],
                'end' => $times[$order + 1] ?? $line->end ?? $times[$order],
            ];
        }

        return $heard;
    }

    /**
     * @param list<int> $indexes
     * @param list<string> $texts
     *
     * @return list<string> words beside each other as one
     */
    private static function phrases(array $indexes, array $texts): array
    {
        $phrases = [];
        $last = null;
        foreach ($indexes as $index) {
            if ($last !== null && $index === $last + 1) {
                $phrases[count($phrases) - 1] .= ' '.$texts[$index];
            } else {
                $phrases[] = $texts[$index];
            }
            $last = $index;
        }

        return array_slice($phrases, 0, 40);
    }
}
