<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\StillPainter;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Story\ChartTiming;

/** A still of each moment at which the figures stand still, in the order of the film. */
final readonly class HoldStills
{
    /** pictures that are painted while somebody waits for them */
    private const MOST = 40;

    public function __construct(private ComputedPiece $computed, private StillPainter $painter)
    {
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return string the bytes of a ZIP; files are named by their order and their frame
     *
     * @throws BadPiece where there is no hold, or too many
     */
    public function zip(PlacedPiece $placed, array $timings): string
    {
        $holds = FrameValues::holds($placed->piece, $timings);
        if ($holds === [] || count($holds) > self::MOST) {
            throw new BadPiece($holds === []
                ? 'The figures of this piece never stand still for half a second. Save a still of one frame instead.'
                : sprintf(
                    'The figures stand still %d times; %d stills are made at once at most. Save PNG frames instead.',
                    count($holds),
                    self::MOST,
                ), 'holds');
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'stills');
        try {
            $zip = new \ZipArchive();
            $zip->open($file, \ZipArchive::OVERWRITE);
            foreach ($holds as $place => [$first, $last]) {
                // By its middle all that comes with it has come, and nothing of what is next.
                $frame = intdiv($first + $last, 2);
                $name = sprintf('%02d-frame-%05d.png', $place + 1, $frame);
                $zip->addFromString($name, $this->still($placed, $frame));
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }

            return $zip->close() ? (string) file_get_contents($file) : throw new FullDisk();
        } finally {
            @unlink($file);
        }
    }

    private function still(PlacedPiece $placed, int $frame): string
    {
        $range = FrameRange::within($placed->piece->stage->frames, $frame, $frame);

        return $this->painter->paint($this->computed->filmedText($placed, $range), $frame);
    }
}
