<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/**
 * A script as it is pasted or comes in a file: plain text, SubRip or WebVTT.
 *
 * Sources: W3C, “WebVTT: The Web Video Text Tracks Format” (cues, settings, tags, entities and inner timestamps);
 * SubRip as it is commonly written (a number, times with a comma, text, an empty line), common practice, no source.
 */
final readonly class WrittenScript
{
    /** bytes of a text or a file that is taken */
    public const MAX_BYTES = 400_000;

    public const MOST_LINES = 400;

    private const LONGEST = 600;

    private const SENTENCE_ENDS = '/(?<=[.!?…]|[.!?…]["”’)])\s+(?=["“‘(]?[\p{Lu}\d])/u';

    /** what is said of cues and blocks that are not used whole: of one, of several, and what */
    private const UNUSED = [
        'broken' => ['cue was', 'cues were', 'skipped: the times are unreadable or end before they start.'],
        'empty' => ['cue was', 'cues were', 'skipped: there are no words in it.'],
        'notes' => ['block was', 'blocks were', 'skipped: notes, styles or text without times.'],
        'places' => ['cue has', 'cues have', 'a place on the screen, which is not used: captions have their own.'],
        'tags' => ['cue has', 'cues have', 'bold, italic, colours or speakers’ names, which are not used.'],
        'long' => ['cue was', 'cues were', 'cut at 600 characters, the limit of a line.'],
    ];

    private const TIME = '(?:(\d{2,}):)?([0-5]\d):([0-5]\d)[.,](\d{3})';

    /**
     * @param 'text'|'SubRip'|'WebVTT' $kind
     * @param list<WrittenLine> $lines
     * @param list<string> $remarks what was left out, in sentences
     */
    private function __construct(public string $kind, public array $lines, public array $remarks)
    {
    }

    /** @throws UnreadableScript where there is no line in it */
    public static function read(string $text): self
    {
        $text = str_replace(["\r\n", "\r", "\0"], ["\n", "\n", "\u{fffd}"], $text);
        $text = str_starts_with($text, "\u{feff}") ? substr($text, 3) : $text;
        $script = match (true) {
            preg_match('/^WEBVTT(?:[ \t\n]|$)/', $text) === 1 => self::cues($text, 'WebVTT'),
            preg_match('/^\s*\d+\s*\n\s*'.self::TIME.'\s*-->/', $text) === 1 => self::cues($text, 'SubRip'),
            default => self::plain($text),
        };
        if ($script->lines === []) {
            throw new UnreadableScript('This text contains no lines. Paste the narration or open a subtitle file.', 'text');
        }
        if (count($script->lines) > self::MOST_LINES) {
            throw new UnreadableScript(
                sprintf(
                    'This script has %d lines; the limit is %d. Paste only the part this piece needs.',
                    count($script->lines),
                    self::MOST_LINES,
                ),
                'text',
            );
        }

        return $script;
    }

    private static function plain(string $text): self
    {
        $lines = [];
        foreach (explode("\n", $text) as $paragraph) {
            $paragraph = trim((string) preg_replace('/\s+/u', ' ', $paragraph));
            // A sentence is a line: it ends with its sign, before a capital letter, a figure or a quotation mark.
            $sentences = preg_split(self::SENTENCE_ENDS, $paragraph, -1, PREG_SPLIT_NO_EMPTY);
            $open = '';
            foreach ($sentences === false ? [] : $sentences as $sentence) {
                $open = ltrim($open.' '.$sentence);
                // “approx. 2.5 kg” goes on.
                if (!English::isAbbreviated($open)) {
                    array_push($lines, ...self::parts($open));
                    $open = '';
                }
            }
            array_push($lines, ...($open === '' ? [] : self::parts($open)));
        }

        return new self('text', array_map(static fn (string $line): WrittenLine => new WrittenLine($line), $lines), []);
    }

    /** @param 'SubRip'|'WebVTT' $kind */
    private static function cues(string $text, string $kind): self
    {
        $lines = [];
        $unused = array_fill_keys(array_keys(self::UNUSED), 0);
        $blocks = preg_split('/\n{2,}/', trim($text));
        foreach ($blocks === false ? [] : $blocks as $index => $block) {
            $rows = explode("\n", $block);
            if ($kind === 'WebVTT' && ($index === 0 || preg_match('/^(NOTE|STYLE|REGION)\b/', $rows[0]) === 1)) {
                // The header may run into the first cue where somebody forgot the empty line.
                if ($index !== 0 || !str_contains($block, '-->')) {
                    $unused['notes'] += $index === 0 ? 0 : 1;
                    continue;
                }
            }
            $at = 0;
            while ($at < count($rows) && !str_contains($rows[$at], '-->')) {
                ++$at;
            }
            if ($at === count($rows)) {
                ++$unused['notes'];
                continue;
            }
            if (preg_match('/^\s*'.self::TIME.'\s*-->\s*'.self::TIME.'(?:\s(.*))?$/', $rows[$at], $times) !== 1) {
                ++$unused['broken'];
                continue;
            }
            $begin = self::milliseconds(array_slice($times, 1, 4));
            $end = self::milliseconds(array_slice($times, 5, 4));
            $payload = implode("\n", array_slice($rows, $at + 1));
            $line = self::cue($payload, $begin, $end, $kind);
            if ($end <= $begin) {
                ++$unused['broken'];
            } elseif ($line === null) {
                ++$unused['empty'];
            } else {
                $lines[] = $line;
                $unused['places'] += trim($times[9] ?? '') === '' ? 0 : 1;
                $unused['tags'] += preg_match('/<\/?[a-z][^>]*>|\{\\\\/i', $payload) === 1 ? 1 : 0;
                $unused['long'] += mb_strlen($line->text) === self::LONGEST ? 1 : 0;
            }
        }
        usort($lines, static fn (WrittenLine $one, WrittenLine $other): int => $one->begin <=> $other->begin);

        return new self($kind, $lines, self::remarks($unused));
    }

    /**
     * @param array<key-of<self::UNUSED>, int> $unused how many of each kind
     *
     * @return list<string>
     */
    private static function remarks(array $unused): array
    {
        $remarks = [];
        foreach ($unused as $kind => $count) {
            [$one, $many, $what] = self::UNUSED[$kind];
            if ($count > 0) {
                $remarks[] = $count.' '.($count === 1 ? $one : $many).' '.$what;
            }
        }

        return $remarks;
    }

    /** @param string $payload its rows; where the file breaks a line, captions do, too */
    private static function cue(string $payload, float $begin, float $end, string $kind): ?WrittenLine
    {
        $pieces = $kind === 'WebVTT'
            ? preg_split('/<('.self::TIME.')>/', $payload, -1, PREG_SPLIT_DELIM_CAPTURE)
            : [$payload];
        $words = $times = [];
        $text = '';
        $pieces = $pieces === false ? [$payload] : $pieces;
        for ($index = 0; $index < count($pieces); $index += 6) {
            $bare = self::untagged($pieces[$index]);
            $new = Beats::split($bare);
            if ($index > 0 && $new !== []) {
                $time = self::milliseconds(array_slice($pieces, $index - 4, 4));
                // A time outside its cue, or before an earlier one, is none.
                if ($time > $begin && $time < $end && $time > max([0.0, ...$times])) {
                    $times[count($words)] = $time;
                }
            }
            array_push($words, ...$new);
            $text .= ' '.$bare;
        }
        if ($words === []) {
            return null;
        }
        if ($times !== []) {
            $times[0] = $begin;
        }
        $rows = array_map(static fn (string $row): string => implode(' ', Beats::split($row)), explode("\n", $text));
        $text = implode("\n", array_filter($rows, static fn (string $row): bool => $row !== ''));

        return new WrittenLine(mb_substr($text, 0, self::LONGEST), $begin, $end, $times);
    }

    private static function untagged(string $text): string
    {
        $bare = preg_replace('/<[^>]*>|\{\\\\[^}]*\}/', '', $text) ?? $text;

        return html_entity_decode(str_replace(['&lrm;', '&rlm;', '&nbsp;'], ['', '', ' '], $bare), ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }

    /** @param array<int, string> $parts hours or nothing, minutes, seconds, milliseconds */
    private static function milliseconds(array $parts): float
    {
        [$hours, $minutes, $seconds, $rest] = array_values($parts);

        return (((int) $hours * 60 + (int) $minutes) * 60 + (int) $seconds) * 1000.0 + (int) $rest;
    }

    /** @return list<string> a sentence that is too long for a line, at its commas, else between words */
    private static function parts(string $sentence): array
    {
        if (mb_strlen($sentence) <= self::LONGEST) {
            return [$sentence];
        }
        $head = mb_substr($sentence, 0, self::LONGEST);
        $comma = (int) mb_strrpos($head, ', ');
        $cut = $comma > self::LONGEST / 3 ? $comma + 1 : (int) mb_strrpos($head, ' ');
        $cut = $cut > 1 ? $cut : self::LONGEST;

        return [trim(mb_substr($sentence, 0, $cut)), ...self::parts(trim(mb_substr($sentence, $cut)))];
    }
}
