<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\Script\SpokenText;
use Lupine\Core\Voice\KnownWord;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Speaks texts with espeak-ng, in a process of its own: a stand-in for a narrator that knows when it says a word. */
final readonly class Speaker
{
    public function __construct(private string $folder)
    {
    }

    /**
     * @param list<list<string>> $lines the words of each line, as written
     *
     * @return Spoken whoever asked drops it
     *
     * @throws SoundFailed
     */
    public function speak(array $lines, Speakers $speaker, int $pace): Spoken
    {
        @mkdir($this->folder, 0775, true);
        $raw = $this->folder.'/'.bin2hex(random_bytes(8)).'.raw';
        $process = new Process(
            [PHP_BINARY, '-d', 'ffi.enable=1', base_path('bin/speak.php'), $raw],
            null,
            null,
            json_encode([
                'lines' => array_map(SpokenText::of(...), $lines),
                'speaker' => $speaker->voice(),
                'pace' => $pace,
            ], JSON_THROW_ON_ERROR),
            600,
        );
        try {
            $process->run();
            $said = json_decode($process->getOutput(), true);
            if (!$process->isSuccessful() || !is_array($said)) {
                throw new SoundFailed(
                    trim($process->getErrorOutput()) !== ''
                        ? mb_strimwidth(trim($process->getErrorOutput()), 0, 300, '…')
                        : 'The scratch voice could not speak the text. Is the package “espeak-ng” installed?',
                );
            }

            /** @var array{rate: int, lines: list<array{from: int, to: int, words: list<array{float, float}>}>} $said */
            return new Spoken(
                $raw,
                $said['rate'],
                array_map(
                    static fn (array $line): array => array_map(
                        static fn (array $word): KnownWord => new KnownWord($word[0], $word[1]),
                        $line['words'],
                    ),
                    $said['lines'],
                ),
                array_map(static fn (array $line): array => [$line['from'], $line['to']], $said['lines']),
            );
        } catch (\Throwable $reason) {
            @unlink($raw);
            throw $reason instanceof ProcessTimedOutException
                ? new SoundFailed('The scratch voice took too long over the text. Give it fewer lines at once.')
                : $reason;
        }
    }
}
