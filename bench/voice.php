<?php

declare(strict_types=1);

// Finding words: a minute and five minutes of another synthesiser's voice, end to end as the listener does it, and how
// near the words are. Run: bin/bench. The sounds are those of core/tests/outside/voice, one after another.

require __DIR__.'/../vendor/autoload.php';

use Lupine\Core\Voice\KnownWord;
use Lupine\Core\Voice\Listening;
use Lupine\Core\Voice\Sound;
use Lupine\Core\Voice\TextWord;

const FOLDER = __DIR__.'/../core/tests/outside/voice/';
const VOICES = ['rms-1.0', 'slt-1.15', 'awb-0.9', 'kal16-1.1'];

/** @return array{Sound, list<array<float>|float>} so many seconds of some readings, and the times of their words */
$joined = static function (array $names, float $seconds): array {
    $samples = '';
    $times = [];
    for ($turn = 0; strlen($samples) < $seconds * 32_000; ++$turn) {
        $name = $names[$turn % count($names)];
        $later = strlen($samples) / 32;
        foreach (json_decode((string) file_get_contents(FOLDER.$name.'.json'), true) as $time) {
            $times[] = is_array($time) ? [$time[0] + $later, $time[1] + $later] : $time + $later;
        }
        $file = escapeshellarg(FOLDER.$name.'.ogg');
        $samples .= (string) shell_exec("ffmpeg -v error -i $file -f s16le -ac 1 -ar 16000 -");
    }

    return [Sound::ofSamples($samples), $times, strlen($samples) / 32_000];
};
$words = static fn (array $times): array => array_map(
    static fn (array $one): KnownWord => new KnownWord(...$one),
    $times,
);
$text = explode(' ', trim((string) file_get_contents(FOLDER.'text.txt')));
$ofText = static fn (array $times): array => array_map(
    static fn (KnownWord $word, int $index): TextWord => new TextWord(
        $word,
        $index % count($text) === 0 || str_ends_with($text[$index % count($text) - 1], '.'),
        false,
    ),
    $words($times),
    array_keys($times),
);
foreach ([60, 300, 1800] as $seconds) {
    $voices = array_map(static fn (string $name): string => 'flite-'.$name, VOICES);
    [$recording, $truth, $length] = $joined($voices, $seconds);
    $turns = intdiv(count($truth), 113);
    $known = static fn (string $name): array => $joined([$name], 1e-3 + ($turns - 1) * lengthOf($name) + 1);
    [$first, $firstWords] = $known('known-british');
    [$second, $secondWords] = $known('known-american');
    memory_reset_peak_usage();
    $began = hrtime(true);
    $found = Listening::to($recording, $first, $ofText($firstWords), $second, $words($secondWords))->words;
    $took = (hrtime(true) - $began) / 1e9;
    $errors = array_map(static fn ($word, float $at): float => abs($word->begin - $at), $found, $truth);
    sort($errors);
    printf(
        "words of %d s of a recording: found in %.1f s, %.0f MB, median %.0f ms, %.1f %% within 80 ms; ×%.3f of its length\n",
        $length,
        $took,
        memory_get_peak_usage() / 1e6,
        $errors[intdiv(count($errors), 2)],
        (100 * count(array_filter($errors, static fn (float $one): bool => $one < 80))) / count($errors),
        $took / $length,
    );
}

/** Seconds of a reading. */
function lengthOf(string $name): float
{
    $file = escapeshellarg(FOLDER.$name.'.ogg');

    return (float) shell_exec("ffprobe -v error -show_entries format=duration -of csv=p=0 $file");
}
