<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Voice;

use Lupine\Core\Tests\Rounds;
use Lupine\Core\Voice\FoundWord;
use Lupine\Core\Voice\Heard;
use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\Listened;
use Lupine\Core\Voice\Listening;
use Lupine\Core\Voice\Sound;
use Lupine\Core\Voice\TextWord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Voices of another synthesiser (flite 2.2, Debian), whose word times it says itself: made by flite-words.c beside the
 * sounds. The known voices are espeak-ng's.
 */
final class AlignmentTest extends TestCase
{
    private const FOLDER = __DIR__.'/../outside/voice/';

    /** with noise: those at even places */
    private const VOICES = ['awb-0.9', 'kal16-1.1', 'slt-1.15', 'rms-1.0', 'slt-0.85', 'awb-1.2'];

    /** the first words of the sentences that are left out, doubled and put in below, and those after their last */
    private const APPLIANCES = [13, 23];
    private const BIKES = [33, 40];
    private const HINGE = [67, 83];

    public function testWordsAreFoundInVoicesOfAnotherSynthesiser(): void
    {
        $clear = $noisy = [];
        $voices = array_slice(self::VOICES, 0, Rounds::of(3, 6));
        foreach ($voices as $index => $voice) {
            $sound = self::samples('flite-'.$voice);
            array_push($clear, ...self::errors(self::listen($sound)->words, self::times('flite-'.$voice)));
            if ($index % 2 === 0 && ($index > 0 || count($voices) > 3)) {
                $found = self::listen(self::noisy($sound))->words;
                array_push($noisy, ...self::errors($found, self::times('flite-'.$voice)));
            }
        }
        sort($clear);
        self::assertCount(count($voices) * 113, $clear);
        self::assertLessThanOrEqual(12.0, $clear[intdiv(count($clear), 2)], 'median, milliseconds');
        self::assertGreaterThanOrEqual(0.97, self::within($clear, 80), 'within 80 ms');
        self::assertGreaterThanOrEqual(0.99, self::within($clear, 200), 'within 200 ms');
        self::assertGreaterThanOrEqual(0.94, self::within($noisy, 80), 'within 80 ms, with 20 dB of noise');
    }

    /** @return array<string, array{string}> */
    public static function voices(): array
    {
        return array_slice(['a woman' => ['slt-1.15'], 'a man' => ['rms-1.0']], 0, Rounds::of(1, 2));
    }

    #[DataProvider('voices')]
    public function testASentenceThatIsNotSaidIsNamedAndTheRestIsFound(string $voice): void
    {
        $recording = self::read('flite-'.$voice)->without(self::BIKES)->without(self::APPLIANCES);
        $listened = self::listen($recording->samples);
        foreach ($listened->words as $index => $word) {
            $isThere = $recording->times[$index] !== null;
            self::assertSame($isThere, $word->isSaid, "word $index");
            self::assertGreaterThan($word->begin, $word->end);
            self::assertGreaterThanOrEqual($listened->words[$index - 1]->begin ?? 0.0, $word->begin, 'in order');
        }
        self::assertSame([], $listened->unwritten);
        self::assertLessThan(200.0, max(self::errors($listened->words, $recording->times)));
    }

    #[DataProvider('voices')]
    public function testWhatIsSaidAndNotWrittenIsNamedAndTheRestIsFound(string $voice): void
    {
        $whole = self::read('flite-'.$voice);
        $listened = self::listen(
            $whole->samples,
            self::read('known-british')->without(self::BIKES)->without(self::HINGE),
            self::read('known-american')->without(self::BIKES)->without(self::HINGE),
        );
        self::assertCount(2, $listened->unwritten);
        foreach ([self::BIKES, self::HINGE] as $index => [$from, $to]) {
            $speech = $listened->unwritten[$index];
            self::assertEqualsWithDelta($whole->times[$from], $speech->begin, 200.0);
            self::assertEqualsWithDelta($whole->times[$to], $speech->end, 500.0, 'before the next word');
            self::assertNull($speech->again);
        }
        self::assertSame([33, 33 + 67 - 40], array_column($listened->unwritten, 'after'));
        $written = [...range(0, 32), ...range(40, 66), ...range(83, 112)];
        $times = array_map(static fn (int $word): ?float => $whole->times[$word], $written);
        self::assertLessThan(300.0, max(self::errors($listened->words, $times)));
    }

    #[DataProvider('voices')]
    public function testASentenceThatIsSaidTwiceIsNamed(string $voice): void
    {
        $recording = self::read('flite-'.$voice)->twice(self::HINGE);
        $listened = self::listen($recording->samples);
        self::assertCount(1, $listened->unwritten);
        $again = $listened->unwritten[0]->again;
        self::assertSame([self::HINGE[0], self::HINGE[1] - 1], $again);
        // Which of the two is the written one is open.
        $times = $recording->times;
        $isFirst = $listened->words[self::HINGE[0]]->begin < $times[self::HINGE[0]] + 1000;
        foreach (range(self::HINGE[0], self::HINGE[1] - 1) as $word) {
            $times[$word] += $isFirst ? 0 : $recording->longer;
        }
        self::assertLessThan(200.0, max(self::errors($listened->words, $times)));
    }

    public function testALineThatIsWrittenTwiceIsNotSaidTwice(): void
    {
        $whole = self::read('flite-rms-1.0');
        [$from, $to] = self::BIKES;
        $listened = self::listen(
            $whole->samples,
            self::read('known-british')->twice(self::BIKES, true),
            self::read('known-american')->twice(self::BIKES, true),
        );
        $unsaid = array_keys(array_filter($listened->words, static fn (FoundWord $word): bool => !$word->isSaid));
        self::assertContains($unsaid, [range($from, $to - 1), range($to, 2 * $to - $from - 1)]);
        self::assertSame([], $listened->unwritten);
    }

    public function testPausesOfAnyLengthDoNotMatter(): void
    {
        $samples = self::samples('flite-slt-1.15');
        $times = self::times('flite-slt-1.15');
        // Three seconds of nothing before the second sentence (“Four in ten”), and one before the first.
        $at = (int) (($times[13] - 20) * 16) * 2;
        $longer = str_repeat("\0\0", 16_000).substr($samples, 0, $at).str_repeat("\0\0", 48_000).substr($samples, $at);
        $later = array_map(
            static fn (float $time, int $index): float => $time + ($index < 13 ? 1000 : 4000),
            $times,
            array_keys($times),
        );
        self::assertGreaterThanOrEqual(0.96, self::within(self::errors(self::listen($longer)->words, $later), 80));
        self::assertSame([], self::listen('')->words, 'nothing is found in nothing');
        $dash = [new TextWord(new KnownWord(0, 0), true, false)];
        $sound = Sound::ofSamples(...);
        $none = Listening::to($sound($samples), $sound(''), $dash, $sound(''), [$dash[0]->known]);
        self::assertSame([0.0], array_column($none->words, 'sure'), 'a text of which no voice says anything');
    }

    private static function listen(string $samples, ?ReadText $first = null, ?ReadText $second = null): Listened
    {
        $first ??= self::read('known-british');
        $second ??= self::read('known-american');

        return Listening::among(
            Heard::in(Sound::ofSamples($samples)),
            self::known($first),
            $first->words(),
            self::known($second),
            array_column($second->words(), 'known'),
        );
    }

    /** What was heard of a known voice is the same for all recordings. */
    private static function known(ReadText $voice): Heard
    {
        /** @var array<string, Heard> $known */
        static $known = [];

        return $known[md5($voice->samples)] ??= Heard::in(Sound::ofSamples($voice->samples));
    }

    private static function read(string $name): ReadText
    {
        $text = explode(' ', trim((string) file_get_contents(self::FOLDER.'text.txt')));

        return ReadText::of(
            self::samples($name),
            json_decode((string) file_get_contents(self::FOLDER.$name.'.json'), true),
            $text,
        );
    }

    /**
     * @param list<FoundWord> $found
     * @param list<float|null> $times null: not said
     *
     * @return list<float> milliseconds between where a word was found and where it is
     */
    private static function errors(array $found, array $times): array
    {
        $errors = [];
        foreach ($times as $index => $time) {
            if ($time !== null) {
                $errors[] = abs($found[$index]->begin - $time);
            }
        }

        return $errors;
    }

    /** @param list<float> $errors */
    private static function within(array $errors, float $bound): float
    {
        return count(array_filter($errors, static fn (float $error): bool => $error < $bound)) / count($errors);
    }

    private static function samples(string $name): string
    {
        $file = escapeshellarg(self::FOLDER.$name.'.ogg');

        return (string) shell_exec('ffmpeg -v error -i '.$file.' -f s16le -ac 1 -ar 16000 -');
    }

    /** @return list<float> */
    private static function times(string $name): array
    {
        return json_decode((string) file_get_contents(self::FOLDER.$name.'.json'), true);
    }

    /** The same with noise that has more of its power below, 20 dB under the speech. */
    private static function noisy(string $samples): string
    {
        /** @var array<int, int> $values */
        $values = unpack('s*', $samples);
        mt_srand(20);
        $noise = [];
        $slow = $slower = 0.0;
        foreach ($values as $ignored) {
            $white = mt_rand() / mt_getrandmax() - 0.5;
            $slow = 0.96 * $slow + 0.3 * $white;
            $slower = 0.997 * $slower + 0.03 * $white;
            $noise[] = $white * 0.3 + $slow + $slower;
        }
        $power = static fn (array $list): float => sqrt(array_sum(array_map(
            static fn (float|int $one): float => $one * $one,
            $list,
        )) / count($list));
        $gain = ($power($values) / $power($noise)) / 10;
        $mixed = [];
        foreach (array_values($values) as $index => $value) {
            $mixed[] = max(-32768, min(32767, (int) round($value + $noise[$index] * $gain)));
        }

        return pack('s*', ...$mixed);
    }
}
