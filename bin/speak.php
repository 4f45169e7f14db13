<?php

declare(strict_types=1);

// speak OUT.raw < {"lines": [["word", …], …], "speaker": "gmw/en", "pace": 165}: speaks every line with the library
// of espeak-ng and writes the samples (16 bits, one channel). Prints their rate and, of each line, its first and last
// sample and when its words begin and end, in milliseconds of the line. A word that is empty is passed over.
//
// A process of its own, since the library keeps state and PHP's web server does not load it.

const RETRIEVE = 2;
const BY_CHARACTER = 1;
const UTF8 = 1;
const PACE = 1;
const WORD = 1;
const CLAUSE_END = 5;

$asked = json_decode((string) stream_get_contents(STDIN), true, 16, JSON_THROW_ON_ERROR);
$declared = <<<'C'
    typedef struct {
        int type; unsigned int unique_identifier; int text_position; int length; int audio_position; int sample;
        void* user_data; union { int number; const char *name; char string[8]; } id;
    } espeak_EVENT;
    typedef int (t_espeak_callback)(short*, int, espeak_EVENT*);
    int espeak_Initialize(int output, int buflength, const char *path, int options);
    void espeak_SetSynthCallback(t_espeak_callback* callback);
    int espeak_SetVoiceByName(const char *name);
    int espeak_SetParameter(int parameter, int value, int relative);
    int espeak_Synth(
        const char *text, size_t size, unsigned int position, int position_type, unsigned int end_position,
        unsigned int flags, unsigned int* unique_identifier, void* user_data
    );
    int espeak_Synchronize(void);
    C;
try {
    $library = FFI::cdef($declared, 'libespeak-ng.so.1');
} catch (FFI\Exception) {
    fwrite(STDERR, 'The scratch voice needs espeak-ng. Install the package “espeak-ng”, then try again.');
    exit(1);
}
$rate = $library->espeak_Initialize(RETRIEVE, 0, null, 0);
if ($rate <= 0 || $library->espeak_SetVoiceByName($asked['speaker']) !== 0) {
    $sentence = 'espeak-ng has no voice “%s”. Install all of the package “espeak-ng-data”.';
    fwrite(STDERR, sprintf($sentence, $asked['speaker']));
    exit(1);
}
$library->espeak_SetParameter(PACE, $asked['pace'], 0);

// Samples are gathered in a file, so that a long text takes no more memory than a short one.
$gathered = tmpfile();

/** @return array{int, list<array{int, int, int}>} how many samples, and of each event its kind, character and sample */
$synthesise = static function (string $text) use ($library, $gathered): array {
    ftruncate($gathered, 0);
    rewind($gathered);
    $samples = 0;
    $events = [];
    $hear = static function ($wave, $count, $event) use (&$samples, &$events, $gathered): int {
        if ($wave !== null && $count > 0) {
            $samples += $count;
            fwrite($gathered, FFI::string(FFI::cast('char*', $wave), $count * 2));
        }
        for ($index = 0; $event[$index]->type !== 0; ++$index) {
            $events[] = [$event[$index]->type, $event[$index]->text_position, $event[$index]->sample];
        }

        return 0;
    };
    $library->espeak_SetSynthCallback($hear);
    $library->espeak_Synth($text, strlen($text) + 1, 0, BY_CHARACTER, 0, UTF8, null, null);
    $library->espeak_Synchronize();

    return [$samples, $events];
};

/** @param list<string> $words */
$speak = static function (array $words) use ($synthesise, $rate): array {
    $glue = array_fill(0, count($words), ' ');
    for ($try = 0;; ++$try) {
        $text = '';
        $starts = [];
        foreach ($words as $index => $word) {
            if ($word === '') {
                continue;
            }
            $text .= $text === '' ? '' : $glue[$index];
            $starts[mb_strlen($text) + 1] = $index;
            $text .= $word;
        }
        [$samples, $events] = $synthesise($text);
        // The first event from a word's first letter to before the next word's is that word's beginning.
        $begins = [];
        $ends = [];
        $current = null;
        foreach ($events as [$kind, $character, $sample]) {
            $at = ($sample * 1000) / $rate;
            if ($kind === WORD) {
                $index = null;
                foreach ($starts as $start => $word) {
                    if ($start > $character) {
                        break;
                    }
                    $index = $word;
                }
                // A clause ends with an event that points back to its beginning.
                if ($index !== null && !isset($begins[$index]) && ($current === null || $index > $current)) {
                    if ($current !== null) {
                        $ends[$current] ??= $at;
                    }
                    $begins[$index] = $at;
                    $current = $index;
                }
            } elseif ($kind === CLAUSE_END && $current !== null) {
                $ends[$current] ??= $at;
            }
        }
        $missing = array_diff(array_values($starts), array_keys($begins));
        // Two words said as one, such as “of the”, get a beginning each once a no-break space stands between them.
        if ($missing === [] || $try === 3) {
            break;
        }
        foreach ($missing as $index) {
            $glue[$index] = "\u{a0}";
        }
    }
    $length = ($samples / $rate) * 1000;
    $said = [];
    $before = 0.0;
    foreach (array_keys($words) as $index) {
        $begin = $begins[$index] ?? null;
        if ($begin === null) {
            // Not said by itself: with the next word that is, or else at the end of the one before.
            $later = array_filter($begins, static fn (int $other): bool => $other > $index, ARRAY_FILTER_USE_KEY);
            $begin = $later === [] ? $before : min($later);
        }
        $said[] = [$begin, max($begin, $ends[$index] ?? $length)];
        $before = isset($begins[$index]) ? $said[$index][1] : $before;
    }

    return [$samples, $said];
};

$out = fopen($argv[1], 'w');
$at = 0;
$lines = [];
foreach ($asked['lines'] as $words) {
    [$samples, $said] = $speak($words);
    rewind($gathered);
    if (stream_copy_to_stream($gathered, $out) !== 2 * $samples) {
        fwrite(STDERR, 'The disk is full, so the voice could not be kept.');
        exit(1);
    }
    $lines[] = ['from' => $at, 'to' => $at += $samples, 'words' => $said];
}
echo json_encode(['rate' => $rate, 'lines' => $lines], JSON_THROW_ON_ERROR);
