<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\FileKind;
use App\Film\FileOrder;
use App\Film\Maker;
use App\Film\Renderer;
use App\Film\Told;
use App\Film\ToldPicture;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Alternative;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Settings\BadPiece;

/** A still of the moment at which all figures have come, or of each at which they stand still, in their order. */
final readonly class StillsMaker implements Maker
{
    private const MOST = 200;

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
        $timings = $this->computed->timings($placed);
        $range = $order->range;
        if ($order->kind === FileKind::Poster) {
            $come = MoveSheet::finished($timings, $placed->piece->stage->frames);
            $picture = $this->still($placed, max($range->from, min($range->to, $come)));
            if (@file_put_contents($target, $picture) !== strlen($picture)) {
                throw new FullDisk();
            }
            ToldPicture::write($target, Told::of(
                $placed->piece,
                $order,
                Alternative::of($placed->piece, $timings)->short,
            ));

            return true;
        }
        $frames = self::frames(FrameValues::holds($placed->piece, $timings), $range);
        $zip = new \ZipArchive();
        $zip->open($target, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        foreach ($frames as $place => $frame) {
            $file = sprintf('%02d-frame-%05d.png', $place + 1, $frame);
            $zip->addFromString($file, $this->still($placed, $frame));
            $zip->setCompressionName($file, \ZipArchive::CM_STORE);
            if (!$progress(intdiv($range->count() * ($place + 1), count($frames)))) {
                $zip->unchangeAll();

                return false;
            }
        }

        return $zip->close() ? true : throw new FullDisk();
    }

    /**
     * @param list<array{int, int}> $holds first and last frame of each
     *
     * @return non-empty-list<int>
     */
    private static function frames(array $holds, FrameRange $range): array
    {
        // By its middle all that comes with it has come, and nothing of what is next.
        $middles = array_map(static fn (array $hold): int => intdiv($hold[0] + $hold[1], 2), $holds);
        $frames = array_values(array_filter(
            $middles,
            static fn (int $frame): bool => $frame >= $range->from && $frame <= $range->to,
        ));
        if ($frames === []) {
            throw new BadPiece(
                'The figures never stand still for half a second on these frames. Save a still of one frame instead.',
                'holds',
            );
        }

        return count($frames) <= self::MOST ? $frames : throw new BadPiece(sprintf(
            'The figures stand still %d times; %d stills are made at once at most. Make PNG frames instead.',
            count($frames),
            self::MOST,
        ), 'holds');
    }

    private function still(PlacedPiece $placed, int $frame): string
    {
        return $this->renderer->still($this->computed->filmedFrame($placed, $frame), $frame);
    }
}
