<?php

declare(strict_types=1);

namespace App\Voice;

use App\Disk\FullDisk;
use Lupine\Core\Piece\HeardLine;
use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Piece\ScratchVoice;
use Lupine\Core\Piece\UnwrittenSpeech;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Kin;
use Lupine\Core\Script\SpokenNumbers;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Voice\FoundWord;
use Lupine\Core\Voice\Heard;
use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\Listening as Comparing;
use Lupine\Core\Voice\Sound;
use Lupine\Core\Voice\TextWord;
use Lupine\Core\Voice\Unwritten;

/** What a listening can be: a file that is taken in, a text that is read, a recording whose words are looked for. */
final readonly class Listener
{
    /** seconds between two lines that a scratch voice reads, at least */
    private const BREATH = 0.3;

    /** the voices that the recording is compared with, and their words a minute */
    private const FIRST = [Speakers::BritishLow, 165];
    private const SECOND = [Speakers::AmericanHigh, 180];

    public function __construct(private SoundStore $store, private Speaker $speaker, private Uploads $uploads)
    {
    }

    /** @return array<string, mixed> the sound's id, name and seconds, and what is to be said about it */
    public function file(Field $asked, Course $course): array
    {
        $upload = $asked->get('upload')->text(40);
        $name = $asked->get('name')->text(200);
        try {
            $course->begin('reading the file', 0.0, 1.0);
            $file = SoundFile::of($this->uploads->taken($upload), $name);
            $told = Ffmpeg::told($file);
            $sound = $this->store->keep($file, $told, $course);
        } finally {
            // Kept, refused or cancelled: nobody asks for it again.
            $this->uploads->drop($upload);
        }
        $isCut = $told->seconds !== null && $sound->seconds < $told->seconds * 0.95 - 0.5;

        return [
            'sound' => $sound->id,
            'name' => $name,
            'seconds' => $sound->seconds,
            'note' => $isCut
                ? sprintf(
                    'The recording stops after %.0f of %.0f seconds; the file seems to be cut off.',
                    $sound->seconds,
                    $told->seconds,
                )
                : null,
        ];
    }

    /** @return array<string, mixed> the sound that was put together, as of a file */
    public function splice(Field $asked, Course $course): array
    {
        $name = $asked->get('name')->text(200);
        $course->begin('saving the sound', 0.0, 1.0);
        $sound = $this->store->keepSpliced(SplicedSound::asked($asked), $name, $course);

        return ['sound' => $sound->id, 'name' => $name, 'seconds' => $sound->seconds, 'note' => null];
    }

    /** @return array<string, mixed> the sound, and of each line its words, in milliseconds */
    public function scratch(Field $asked, Course $course): array
    {
        $lines = self::lines($asked);
        $speaker = Speakers::named($asked->get('speaker')->text(60));
        $pace = ScratchVoice::pace($asked->get('pace'));
        $course->begin('reading the lines', 0.0, 0.6);
        $spoken = $this->speaker->speak(array_map(Beats::split(...), array_column($lines, 'text')), $speaker, $pace);
        $course->begin('saving the sound', 0.6, 1.0);
        $path = storage_path('app/rendering/'.bin2hex(random_bytes(8)).'.raw');
        @mkdir(dirname($path), 0775, true);
        try {
            $heard = $this->laid($lines, $spoken, $path, $course);
            $sound = $this->store->keepSpoken($path, $spoken->rate, 'Scratch voice', $course);
        } finally {
            $spoken->drop();
            @unlink($path);
        }

        return ['sound' => $sound->id, 'seconds' => $sound->seconds, 'heard' => $heard];
    }

    /**
     * Writes lines that were spoken where they begin, or as soon after the one before as can be.
     *
     * @param list<array{id: string, text: string, seconds: float}> $lines
     *
     * @return list<array<string, mixed>> of each line its words, in milliseconds
     */
    private function laid(array $lines, Spoken $spoken, string $path, Course $course): array
    {
        $file = @fopen($path, 'w');
        if ($file === false) {
            throw new SoundFailed('The scratch voice could not be saved. Check for free disk space.');
        }
        $written = 0;
        $heard = [];
        foreach ($lines as $index => $line) {
            $course->at(0.5 * $index / count($lines));
            $samples = rtrim($spoken->samplesOf($index), "\0");
            $samples .= strlen($samples) % 2 === 1 ? "\0" : '';
            $breath = $written === 0 ? 0 : (int) (self::BREATH * $spoken->rate);
            $begin = max((int) ($line['seconds'] * $spoken->rate), $written + $breath);
            // What is not written in a file is silence.
            fseek($file, 2 * $begin);
            if (fwrite($file, $samples) !== strlen($samples)) {
                throw new FullDisk();
            }
            $heard[] = ['line' => $line['id'], 'words' => self::words(
                Beats::split($line['text']),
                self::untilPauses($spoken->words[$index], $spoken->soundOf($index)),
                ($begin * 1000) / $spoken->rate,
            )];
            $written = $begin + intdiv(strlen($samples), 2);
        }
        fclose($file);

        return $heard;
    }

    /** @return array<string, mixed> of each line its words, in milliseconds of the recording */
    public function find(Field $asked, Course $course): array
    {
        $lines = self::lines($asked);
        $sound = $asked->get('sound')->text(64);
        $from = $asked->get('from')->number(0, Recording::LONGEST * 1000) / 1000;
        $to = $asked->get('to')->number(0, Recording::LONGEST * 1000) / 1000;
        $words = array_map(Beats::split(...), array_column($lines, 'text'));
        $all = array_merge(...array_values($words));
        $course->begin('preparing the text', 0.0, 0.1);
        $spoken = [];
        try {
            $spoken[] = $first = $this->speaker->speak([$all], ...self::FIRST);
            $course->at(0.5);
            $spoken[] = $second = $this->speaker->speak([$all], ...self::SECOND);
            $course->begin('listening', 0.1, 1.0);
            $listened = Comparing::to(
                $this->store->sound($sound, $from, $to),
                $first->sound(),
                TextWord::of($words, array_map(SpokenNumbers::places(...), $words), $first->words[0]),
                $second->sound(),
                $second->words[0],
                static fn (float $done) => $course->at($done),
            );
        } finally {
            array_map(static fn (Spoken $one) => $one->drop(), $spoken);
        }
        $known = self::known($asked);
        $heard = [];
        $at = 0;
        foreach ($lines as $index => $line) {
            $count = count($words[$index]);
            $new = self::words($words[$index], array_slice($listened->words, $at, $count), $from * 1000);
            $heard[] = ['line' => $line['id'], 'words' => self::withHand($new, $known[$line['id']] ?? [])];
            $at += $count;
        }

        return [
            'heard' => $heard,
            'unwritten' => self::unwritten($listened->unwritten, $lines, $words, $from * 1000),
        ];
    }

    /**
     * @param list<Unwritten> $unwritten
     * @param non-empty-list<array{id: string, text: string, seconds: float}> $lines
     * @param list<list<string>> $words of each line
     *
     * @return list<array<string, mixed>>
     */
    private static function unwritten(array $unwritten, array $lines, array $words, float $later): array
    {
        $all = array_merge(...$words);
        $said = [];
        foreach ($unwritten as $one) {
            [$line, $before, $left] = [null, 0, $one->after];
            foreach ($lines as $index => $each) {
                if ($left > 0) {
                    [$line, $before] = [$each['id'], $left];
                    $left -= count($words[$index]);
                }
            }
            $said[] = [
                'at' => round($one->begin + $later, 1),
                'end' => round($one->end + $later, 1),
                'line' => $line,
                'word' => $before,
                'again' => $one->again === null ? null : mb_strimwidth(
                    implode(' ', array_slice($all, $one->again[0], $one->again[1] - $one->again[0] + 1)),
                    0,
                    600,
                ),
            ];
        }

        return array_slice($said, 0, UnwrittenSpeech::MOST);
    }

    /** @return non-empty-list<array{id: string, text: string, seconds: float}> those in which something is said */
    private static function lines(Field $asked): array
    {
        $lines = [];
        foreach ($asked->get('lines')->items(400) as $line) {
            $text = $line->get('text')->text(600);
            if (trim($text) !== '') {
                $lines[] = [
                    'id' => $line->get('id')->id(),
                    'text' => $text,
                    'seconds' => $line->get('seconds')->number(0, Recording::LONGEST, 0.0),
                ];
            }
        }
        if ($lines === []) {
            throw $asked->get('lines')->wrong('is empty: type or paste what the narrator says first');
        }

        return $lines;
    }

    /**
     * @param list<string> $texts
     * @param list<KnownWord|FoundWord> $words
     *
     * @return list<array{text: string, at: float, end: float, sure: float|int, unsaid?: true}>
     */
    private static function words(array $texts, array $words, float $later): array
    {
        $said = [];
        foreach ($words as $index => $word) {
            $said[] = [
                'text' => $texts[$index],
                'at' => round($word->begin + $later, 1),
                'end' => round($word->end + $later, 1),
                'sure' => $word instanceof FoundWord ? round($word->sure, 2) : 1,
                ...($word instanceof FoundWord && !$word->isSaid ? ['unsaid' => true] : []),
            ];
        }

        return $said;
    }

    /** @return array<string, list<HeardWord>> what was known of the recording before, by line */
    private static function known(Field $asked): array
    {
        $known = [];
        foreach ($asked->get('known')->items(400) as $line) {
            $heard = Group::of(HeardLine::class)->read($line);
            $known[$heard->line] = $heard->words;
        }

        return $known;
    }

    /**
     * What somebody has set stays; where listening would put it is kept beside it.
     *
     * @param list<array{text: string, at: float, end: float, sure: float|int, unsaid?: true}> $found
     * @param list<HeardWord> $known
     *
     * @return list<array<string, mixed>>
     */
    private static function withHand(array $found, array $known): array
    {
        $texts = array_map(static fn (array $word): string => $word['text'], $found);
        foreach (Kin::pairs($texts, array_column($known, 'text')) as $index => $other) {
            $word = $known[$other];
            if ($word->isByHand) {
                unset($found[$index]['unsaid']);
                $found[$index] = [
                    ...$found[$index],
                    'at' => $word->at,
                    'end' => max($word->at, $found[$index]['end']),
                    'sure' => 1,
                    'hand' => true,
                    'found' => $found[$index]['at'],
                ];
            }
        }

        return $found;
    }

    /**
     * A word before a pause ends where the pause begins.
     *
     * @param list<KnownWord> $words
     *
     * @return list<KnownWord>
     */
    private static function untilPauses(array $words, Sound $sound): array
    {
        $pauses = Heard::in($sound)->pauses;

        return array_map(static function (KnownWord $word) use ($pauses): KnownWord {
            $pause = $pauses->at($word->end / 10 - 1);

            return $pause !== null && $pause[0] * 10 > $word->begin
                ? new KnownWord($word->begin, $pause[0] * 10)
                : $word;
        }, $words);
    }
}
