<?php

declare(strict_types=1);

namespace App\Film;

use App\Disk\FullDisk;
use Illuminate\Support\Facades\File;
use Lupine\Core\Formats\Lottie\Picture;
use Symfony\Component\Process\Process;

/** Runs the renderer: a reel in, a picture or a film out. */
final readonly class Renderer
{
    /** its exit status where something ended that may succeed another time (EX_TEMPFAIL of sysexits.h) */
    private const MAY_PASS = 75;

    /** its figures are of one width, so that a timecode stands still */
    private const BURNT_FONT = 'node_modules/@expo-google-fonts/noto-sans/500Medium/NotoSans_500Medium.ttf';

    /** the exit status of a process that a signal ended is this and the signal's number (POSIX shells) */
    private const SIGNALLED = 128;

    /**
     * @return string PNG
     *
     * @throws FilmFailed
     * @throws RendererLost
     */
    public function still(string $reel, int $frame): string
    {
        return $this->inFolder(function (string $folder) use ($reel, $frame): string {
            file_put_contents($folder.'/reel.json', $reel);
            $this->run(['still.js', $folder.'/reel.json', (string) $frame, $folder.'/still.png'], null);

            return (string) file_get_contents($folder.'/still.png');
        });
    }

    /**
     * Some frames of a reel, each cut to what is seen of it.
     *
     * @param list<int> $frames
     * @param \Closure(): bool $meanwhile told now and then; false stops it
     *
     * @return array<int, Picture|null> by frame; null: nothing is on it
     *
     * @throws FilmFailed
     * @throws RendererLost
     */
    public function cutouts(string $reel, array $frames, \Closure $meanwhile): array
    {
        return $this->inFolder(function (string $folder) use ($reel, $frames, $meanwhile): array {
            file_put_contents($folder.'/reel.json', $reel);
            file_put_contents($folder.'/frames.json', json_encode($frames, JSON_THROW_ON_ERROR));
            $pictures = [];
            $told = static function (array $said) use ($folder, &$pictures): void {
                $file = $folder.'/'.$said['frame'];
                $pictures[$said['frame']] = !isset($said['type']) ? null : new Picture(
                    sprintf('data:image/%s;base64,%s', $said['type'], base64_encode((string) file_get_contents($file))),
                    $said['x'],
                    $said['y'],
                    $said['width'],
                    $said['height'],
                );
            };
            $this->run(
                ['cutouts.js', $folder.'/reel.json', $folder.'/frames.json', $folder],
                static fn (?int $frame): bool => $meanwhile(),
                $told,
            );

            return $pictures;
        });
    }

    /**
     * Writes tables as a spreadsheet.
     *
     * @param list<array{name: string, heads: list<string>, rows: list<list<mixed>>}> $sheets
     *
     * @throws FilmFailed
     * @throws RendererLost
     */
    public function workbook(array $sheets, string $target): void
    {
        $this->inFolder(function (string $folder) use ($sheets, $target): void {
            file_put_contents($folder.'/sheets.json', json_encode($sheets, JSON_THROW_ON_ERROR));
            $this->run(['workbook.js', $folder.'/sheets.json', $target], null);
        });
    }

    /**
     * @param iterable<string> $reels what is wanted, each with the frames that follow those of the one before
     * @param string $target the file to write
     * @param FilmSound|null $sound what is heard in it
     * @param Told|null $told what it says of itself; null: nothing
     * @param \Closure(int|null): bool $progress told the frames done, or null for a sign of life; false stops the film
     *
     * @return bool whether the film was finished
     *
     * @throws FilmFailed where it cannot be made
     * @throws RendererLost where it could not be made this time
     */
    public function film(
        iterable $reels,
        string $target,
        FileOrder $order,
        ?FilmSound $sound,
        \Closure $progress,
        ?Told $told = null,
    ): bool {
        return $this->inFolder(function (string $folder) use (
            $reels,
            $target,
            $order,
            $sound,
            $progress,
            $told,
        ): bool {
            if (!self::keepReels($reels, $folder.'/reels', $progress)) {
                return false;
            }
            self::keepOrder($order, $sound, $told, $folder);
            $isFrames = $order->kind->traits()->isFrames;
            $frames = $folder.'/frames';
            if ($isFrames && !@mkdir($frames)) {
                throw new FullDisk();
            }
            $isFinished = $this->run([
                'film.js',
                $folder.'/reels',
                $isFrames ? $frames.'/%05d.png' : $target,
                $folder.'/order.json',
            ], $progress);
            if ($isFinished && $isFrames) {
                self::pack($frames, $target);
            }

            return $isFinished;
        });
    }

    /**
     * Joins parts of a film as they are, and puts its sound to the whole.
     *
     * @param array<string, int> $parts their files in their order, and how many frames each has
     * @param array{int, int} $rate frames in so many seconds
     * @param \Closure(int|null): bool $progress
     *
     * @return bool whether nobody stopped it
     *
     * @throws FilmFailed
     * @throws RendererLost
     */
    public function join(
        array $parts,
        string $target,
        FileOrder $order,
        array $rate,
        ?FilmSound $sound,
        Told $told,
        \Closure $progress,
    ): bool {
        if ($order->kind->traits()->isFrames) {
            self::packAll(array_keys($parts), $target);

            return $progress(null);
        }

        return $this->inFolder(function (string $folder) use (
            $parts,
            $target,
            $order,
            $rate,
            $sound,
            $told,
            $progress,
        ): bool {
            self::keepOrder($order, $sound, $told, $folder);
            $files = array_map(
                static fn (string $file, int $frames): array => ['file' => $file, 'frames' => $frames],
                array_keys($parts),
                $parts,
            );
            file_put_contents(
                $folder.'/parts.json',
                json_encode(['rate' => $rate, 'parts' => $files], JSON_THROW_ON_ERROR),
            );

            return $this->run(['join.js', $folder.'/parts.json', $target, $folder.'/order.json'], $progress);
        });
    }

    /**
     * @param iterable<string> $reels
     * @param \Closure(int|null): bool $progress
     *
     * @return bool whether nobody stopped it
     */
    private static function keepReels(iterable $reels, string $folder, \Closure $progress): bool
    {
        if (!@mkdir($folder)) {
            throw new FullDisk();
        }
        $number = 0;
        foreach ($reels as $reel) {
            if (@file_put_contents(sprintf('%s/%06d.json', $folder, $number++), $reel) !== strlen($reel)) {
                throw new FullDisk();
            }
            if (!$progress(null)) {
                return false;
            }
        }

        return true;
    }

    /** The order as renderer/src/order.ts reads it. */
    private static function keepOrder(FileOrder $order, ?FilmSound $sound, ?Told $told, string $folder): void
    {
        $said = $told === null ? null : $folder.'/told.txt';
        if ($told !== null && $said !== null && @file_put_contents($said, $told->ffmetadata()) === false) {
            throw new FullDisk();
        }
        $text = json_encode([
            'kind' => $order->kind->value,
            'from' => $order->range->from,
            'to' => $order->range->to,
            'width' => $order->width,
            'perSecond' => $order->perSecond,
            'run' => $order->isSample ? $order->sampleRun() : null,
            'loops' => $order->options->loops,
            'timecode' => $order->timecode?->toText(),
            'font' => $order->kind === FileKind::Draft ? base_path(self::BURNT_FONT) : null,
            'sound' => $sound === null ? null : ['file' => $sound->file, 'filter' => $sound->filter],
            'told' => $said,
        ], JSON_THROW_ON_ERROR);
        if (@file_put_contents($folder.'/order.json', $text) !== strlen($text)) {
            throw new FullDisk();
        }
    }

    /**
     * @template T
     *
     * @param \Closure(string): T $work
     *
     * @return T
     */
    private function inFolder(\Closure $work): mixed
    {
        $folder = storage_path('app/rendering/'.bin2hex(random_bytes(8)));
        if (!@mkdir($folder, 0775, true)) {
            $reason = error_get_last()['message'] ?? '';
            throw new FilmFailed(
                FullDisk::isSaidIn($reason)
                    ? FullDisk::SENTENCE
                    : sprintf('Lupine cannot write to %s. Make that folder writable.', dirname($folder)),
            );
        }
        try {
            return $work($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /**
     * @param list<string> $arguments
     * @param (\Closure(int|null): bool)|null $progress
     * @param (\Closure(array<string, mixed>): void)|null $told each line that it says of a frame
     */
    private function run(array $arguments, ?\Closure $progress, ?\Closure $told = null): bool
    {
        $script = base_path('renderer/dist/'.$arguments[0]);
        if (!is_file($script)) {
            throw new FilmFailed('The renderer has not been built. Run bin/start once.');
        }
        $process = new Process(
            [config('lupine.node'), $script, ...array_slice($arguments, 1)],
            base_path(),
            ['LUPINE_PICTURES' => storage_path('app/pictures')],
            null,
            null,
        );
        $process->start();
        $rest = '';
        $heed = function () use ($process, $progress, $told, &$rest): bool {
            return $this->heed($process, $progress, $told, $rest);
        };
        $finished = $progress === null;
        while ($process->isRunning()) {
            usleep(100_000);
            $finished = $heed() || $finished;
            if ($progress !== null && !$progress(null)) {
                $process->stop(2);

                return false;
            }
        }
        $finished = $heed() || $finished;
        if (!$process->isSuccessful() || !$finished) {
            throw self::reason($process);
        }

        return true;
    }

    /** All frames in one ZIP, as they are: a PNG does not become smaller. */
    private static function pack(string $frames, string $target): void
    {
        $zip = new \ZipArchive();
        if ($zip->open($target, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new FilmFailed('The ZIP could not be created. Check for free disk space.');
        }
        foreach (glob($frames.'/*.png') ?: [] as $file) {
            $zip->addFile($file, basename($file));
            $zip->setCompressionName(basename($file), \ZipArchive::CM_STORE);
        }
        if (!$zip->close()) {
            throw new FullDisk();
        }
    }

    /**
     * What is in several ZIPs in one.
     *
     * @param list<string> $parts
     */
    private static function packAll(array $parts, string $target): void
    {
        $folder = $target.'.frames';
        try {
            foreach ($parts as $file) {
                $part = new \ZipArchive();
                if ($part->open($file) !== true || !$part->extractTo($folder)) {
                    throw new FullDisk();
                }
            }
            self::pack($folder, $target);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private static function reason(Process $process): FilmFailed|RendererLost|FullDisk
    {
        $said = mb_strimwidth(trim($process->getErrorOutput()), 0, 600, '…');
        if (FullDisk::isSaidIn($said)) {
            return new FullDisk();
        }
        $status = (int) $process->getExitCode();
        if ($process->hasBeenSignaled() || $status > self::SIGNALLED || $status === self::MAY_PASS) {
            return new RendererLost(
                $said !== '' ? $said : sprintf('The renderer was stopped by the system (status %d).', $status),
            );
        }

        return new FilmFailed($said !== '' ? $said : 'The renderer stopped without a reason.');
    }

    /**
     * @param (\Closure(int): bool)|null $progress
     * @param (\Closure(array<string, mixed>): void)|null $told
     * @param string $rest of a line that was not said whole yet
     */
    private function heed(Process $process, ?\Closure $progress, ?\Closure $told, string &$rest): bool
    {
        $done = false;
        $lines = explode("\n", $rest.$process->getIncrementalOutput());
        $rest = array_pop($lines);
        foreach ($lines as $line) {
            $said = json_decode($line, true);
            if (is_array($said) && is_int($said['frame'] ?? null)) {
                if ($told !== null) {
                    $told($said);
                }
                if ($progress !== null) {
                    $progress($said['frame']);
                }
            }
            $done = $done || (is_array($said) && ($said['done'] ?? false) === true);
        }

        return $done;
    }
}
