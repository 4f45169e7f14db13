<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\KeptReels;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/**
 * How large a file will be and how long it takes, found by making a little of it: a few frames in a row here and there.
 * What is made in a moment is made whole.
 */
final readonly class Estimates
{
    /** seconds that a film takes before its first frame, measured on two cores */
    private const START = 0.9;

    public function __construct(private KeptReels $kept)
    {
    }

    /**
     * @return array{bytes: int, seconds: float}
     *
     * @throws FilmFailed
     */
    public function of(PlacedPiece $placed, FileOrder $order): array
    {
        $key = md5(json_encode([
            $order->kind, $order->range->from, $order->range->to, $order->width, $order->perSecond,
            $order->options->toArray(), $order->withSound,
        ], JSON_THROW_ON_ERROR));
        $text = $this->kept->remember(
            'estimate',
            $placed->text,
            $key,
            fn (): string => json_encode($this->made($placed, $order), JSON_THROW_ON_ERROR),
        );
        /** @var array{bytes: int, seconds: float} $estimate */
        $estimate = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return $estimate;
    }

    /** @return array{bytes: int, seconds: float} */
    private function made(PlacedPiece $placed, FileOrder $order): array
    {
        $maker = app($order->kind->traits()->maker);
        if ($maker instanceof Estimating) {
            return $maker->estimate($placed, $order);
        }
        $folder = storage_path('app/rendering/'.bin2hex(random_bytes(8)));
        if (!@mkdir($folder, 0775, true)) {
            throw new FullDisk();
        }
        try {
            $traits = $order->kind->traits();
            $file = $folder.'/sample.'.$traits->ending;
            $isSampled = $traits->maker === FilmMaker::class;
            $began = microtime(true);
            /** @var Maker $maker */
            $maker = app($traits->maker);
            $its = $isSampled ? $order->sampled() : $order;
            $maker->make($placed, $its, $file, basename($file), static fn (): bool => true);
            $seconds = microtime(true) - $began;

            return $isSampled
                ? self::whole($file, $order, $seconds)
                : ['bytes' => (int) filesize($file), 'seconds' => round($seconds, 1)];
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /**
     * A whole film as its sample has it: each run of frames stands for those around it. The first frame of a run is a
     * whole picture, as the first of a film is; the others are what changes.
     *
     * @return array{bytes: int, seconds: float}
     */
    private static function whole(string $file, FileOrder $order, float $seconds): array
    {
        $sizes = match (true) {
            $order->kind->traits()->isFrames => self::inZip($file),
            $order->kind === FileKind::Webp => self::inWebp((string) file_get_contents($file)),
            default => self::packets($file),
        };
        $runs = array_chunk($sizes, max(1, $order->sampleRun()));
        $frames = $order->frameCount();
        $each = $frames / max(1, count($runs));
        $bytes = 0.0;
        foreach ($runs as $place => $run) {
            // What follows a cut is told more closely at first.
            $next = array_slice($run, max(1, intdiv(count($run), 3)));
            $mean = $next === [] ? $run[0] : array_sum($next) / count($next);
            $bytes += $place === 0 ? $run[0] + $mean * ($each - 1) : $mean * $each;
        }
        $sound = $order->withSound ? self::soundOf($order) : 0.0;
        $perFrame = max(0.0, $seconds - self::START) / max(1, count($sizes));

        return ['bytes' => (int) ($bytes + $sound), 'seconds' => round(self::START + $perFrame * $frames, 1)];
    }

    private static function soundOf(FileOrder $order): float
    {
        // PCM, 16 bits at 48 kHz, one channel; else a codec at the rate that the encoder is told.
        $perSecond = $order->kind->traits()->ending === 'mov' ? 96_000 : 20_000;

        return $perSecond * $order->seconds;
    }

    /** @return list<int> bytes of each picture, in the order in which they are shown */
    private static function packets(string $file): array
    {
        $probe = new Process([
            'ffprobe', '-v', 'error', '-select_streams', 'v', '-show_entries', 'packet=pts,size', '-of', 'json', $file,
        ]);
        $probe->run();
        $read = json_decode($probe->getOutput(), true);
        /** @var list<array{pts?: int, size: string}> $packets */
        $packets = is_array($read) && is_array($read['packets'] ?? null) ? $read['packets'] : [];
        usort($packets, static fn (array $one, array $other): int => ($one['pts'] ?? 0) <=> ($other['pts'] ?? 0));

        return array_map(static fn (array $packet): int => (int) $packet['size'], $packets);
    }

    /** @return list<int> */
    private static function inZip(string $file): array
    {
        $zip = new \ZipArchive();
        $zip->open($file);
        $sizes = [];
        for ($at = 0; $at < $zip->numFiles; ++$at) {
            $sizes[] = (int) (($zip->statIndex($at) ?: [])['size'] ?? 0);
        }

        return $sizes;
    }

    /**
     * Source: WebP Container Specification, “Animation”: each picture is a chunk ANMF.
     *
     * @return list<int>
     */
    private static function inWebp(string $bytes): array
    {
        $sizes = [];
        for ($at = 12; $at + 8 <= strlen($bytes); $at += 8 + $length + $length % 2) {
            $length = (int) (unpack('V', substr($bytes, $at + 4, 4))[1] ?? 0);
            if (substr($bytes, $at, 4) === 'ANMF') {
                $sizes[] = $length + 8;
            }
        }

        return $sizes === [] ? [strlen($bytes)] : $sizes;
    }
}
