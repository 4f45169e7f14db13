<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Formats\Lottie\LottieAnimation;
use Lupine\Core\Formats\Lottie\Picture;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Alternative;

/** Vector animation JSON, with pictures in it for what is no vector. */
final readonly class LottieMaker implements Estimating, Maker
{
    /** of so many pictures one is made to see how large they are */
    private const ONE_OF = 10;

    /** seconds before the first of them is painted, measured on two cores */
    private const START = 0.5;

    public function __construct(private ComputedPiece $computed, private Renderer $renderer)
    {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $this->computed->check($placed);
        $range = $order->range;
        $done = 0;
        $isStopped = false;
        $painted = function (Drawing $drawing, array $frames) use ($progress, $range, &$done, &$isStopped): array {
            if ($isStopped) {
                return [];
            }
            $reel = json_encode(WriteReel::of($drawing), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $told = function () use ($progress, $range, &$done, &$isStopped): bool {
                // Nobody knows how many pictures there will be: what is told comes ever nearer to all.
                $isStopped = !$progress((int) ($range->count() * (1 - 60 / (60 + ++$done)))) || $isStopped;

                return !$isStopped;
            };

            return $this->renderer->cutouts($reel, array_values($frames), $told);
        };
        $text = $this->written($placed, $range, $painted);
        if ($isStopped) {
            return false;
        }
        if (@file_put_contents($target, $text) !== strlen($text)) {
            throw new FullDisk();
        }

        return true;
    }

    public function estimate(PlacedPiece $placed, FileOrder $order): array
    {
        $this->computed->check($placed);
        $began = microtime(true);
        $missing = 0;
        $slow = 0.0;
        $painted = function (Drawing $drawing, array $frames) use (&$missing, &$slow): array {
            $some = array_values(array_filter(
                $frames,
                static fn (int $place): bool => $place % self::ONE_OF === 0,
                ARRAY_FILTER_USE_KEY,
            ));
            $reel = json_encode(WriteReel::of($drawing), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $since = microtime(true);
            $pictures = $this->renderer->cutouts($reel, $some, static fn (): bool => true);
            $more = count($frames) / max(1, count($some)) - 1;
            $slow += $more * max(0.0, microtime(true) - $since - self::START);
            // The same picture stands in it once.
            $data = array_unique(array_map(static fn (?Picture $one): string => $one->data ?? '', $pictures));
            $missing += count($data) < 2 ? 0 : (int) ($more * array_sum(array_map(strlen(...), $data)));

            return $pictures;
        };
        $bytes = strlen($this->written($placed, $order->range, $painted)) + $missing;
        if ($bytes > LottieAnimation::MOST) {
            throw LottieAnimation::tooLong();
        }

        return ['bytes' => $bytes, 'seconds' => round(microtime(true) - $began + $slow, 1)];
    }

    /** @param \Closure(Drawing, list<int>): array<int, Picture|null> $painted */
    private function written(PlacedPiece $placed, FrameRange $range, \Closure $painted): string
    {
        $piece = $placed->piece;

        return LottieAnimation::of(
            $this->computed->draw($placed, $range->from, $range->to),
            $piece->title,
            Alternative::of($piece, $this->computed->timings($placed))->short,
            $piece->narration->within($range->from, $range->to),
            $painted,
        );
    }
}
