<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Voice;

use Lupine\Core\Script\SpokenWord;
use Lupine\Core\Voice\Alignment;
use Lupine\Core\Voice\FoundWord;
use Lupine\Core\Voice\Heard;
use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\Listening;
use Lupine\Core\Voice\Sound;
use PHPUnit\Framework\TestCase;

/**
 * Voices of another synthesiser (flite 2.2, Debian), whose word times it says itself: made by flite-words.c beside the
 * sounds. The known voices are espeak-ng's.
 */
final class AlignmentTest extends TestCase
{
    private const FOLDER = __DIR__.'/../outside/voice/';

    private const VOICES = ['awb-0.9', 'awb-1.2', 'kal16-1.1', 'rms-1.0', 'slt-0.85', 'slt-1.15'];

    public function testWordsAreFoundInVoicesOfAnotherSynthesiser(): void
    {
        $known = Heard::in(self::sound('known-british'));
        $clear = $noisy = [];
        foreach (self::VOICES as $index => $voice) {
            $sound = self::samples('flite-'.$voice);
            array_push($clear, ...self::errors($known, Sound::ofSamples($sound), $voice));
            if ($index % 2 === 0) {
                array_push($noisy, ...self::errors($known, Sound::ofSamples(self::noisy($sound)), $voice));
            }
        }
        sort($clear);
        self::assertCount(6 * 113, $clear);
        self::assertLessThanOrEqual(12.0, $clear[intdiv(count($clear), 2)], 'median, milliseconds');
        self::assertGreaterThanOrEqual(0.97, self::within($clear, 80), 'within 80 ms');
        self::assertGreaterThanOrEqual(0.99, self::within($clear, 200), 'within 200 ms');
        self::assertGreaterThanOrEqual(0.94, self::within($noisy, 80), 'within 80 ms, with 20 dB of noise');
    }

    public function testASentenceThatWasNotSaidIsDoubted(): void
    {
        // The known voices say “Bikes and toys … of what came in was mended”; the recording leaves some of it out.
        $samples = self::samples('flite-rms-1.0');
        $from = (int) (self::times('flite-rms-1.0')[36] * 16) * 2;
        $to = (int) (self::times('flite-rms-1.0')[43] * 16) * 2;
        $cut = substr($samples, 0, $from).substr($samples, $to);
        $clear = $this->listen($samples);
        $found = $this->listen($cut);
        $doubted = static fn (array $words, int $first, int $end): int => count(array_filter(
            array_slice($words, $first, $end - $first),
            static fn (FoundWord $word): bool => $word->sure < SpokenWord::DOUBTFUL,
        ));
        self::assertLessThanOrEqual(4, $doubted($clear, 0, 113), 'what was said as written is hardly doubted');
        self::assertGreaterThanOrEqual(4, $doubted($found, 34, 46), 'what was left out is doubted');
        self::assertLessThanOrEqual(8, $doubted($found, 0, 30) + $doubted($found, 50, 113), 'and not much else');
        foreach ($found as $index => $word) {
            self::assertGreaterThanOrEqual($found[$index - 1]->begin ?? 0.0, $word->begin, 'in order');
            self::assertGreaterThan($word->begin, $word->end);
        }
    }

    public function testPausesOfAnyLengthDoNotMatter(): void
    {
        $samples = self::samples('flite-slt-1.15');
        $times = self::times('flite-slt-1.15');
        // Three seconds of nothing before the second sentence (“Four in ten”), and one before the first.
        $at = (int) (($times[13] - 20) * 16) * 2;
        $longer = str_repeat("\0\0", 16_000).substr($samples, 0, $at).str_repeat("\0\0", 48_000).substr($samples, $at);
        $errors = [];
        foreach ($this->listen($longer) as $index => $word) {
            $errors[] = abs($word->begin - $times[$index] - ($index < 13 ? 1000 : 4000));
        }
        self::assertGreaterThanOrEqual(0.96, self::within($errors, 80));
        self::assertSame([], $this->listen(''), 'nothing is found in nothing');
    }

    /** @return list<FoundWord> */
    private function listen(string $samples): array
    {
        return Listening::to(
            Sound::ofSamples($samples),
            self::sound('known-british'),
            self::words('known-british'),
            self::sound('known-american'),
            self::words('known-american'),
        );
    }

    /** @return list<float> milliseconds between where a word was found and where it is */
    private static function errors(Heard $known, Sound $recording, string $voice): array
    {
        $found = Alignment::between($known, Heard::in($recording))->words(self::words('known-british'));

        return array_map(
            static fn (KnownWord $word, float $truth): float => abs($word->begin - $truth),
            $found,
            self::times('flite-'.$voice),
        );
    }

    /** @param list<float> $errors */
    private static function within(array $errors, float $bound): float
    {
        return count(array_filter($errors, static fn (float $error): bool => $error < $bound)) / count($errors);
    }

    private static function sound(string $name): Sound
    {
        return Sound::ofSamples(self::samples($name));
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

    /** @return list<KnownWord> */
    private static function words(string $name): array
    {
        return array_map(
            static fn (array $word): KnownWord => new KnownWord($word[0], $word[1]),
            json_decode((string) file_get_contents(self::FOLDER.$name.'.json'), true),
        );
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
