<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\FileOrder;
use App\Film\FilmFailed;
use App\Film\Maker;
use App\Film\Renderer;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\View;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Papers\Alternative;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Papers\ProofTable;
use Lupine\Core\Piece\Piece;
use Symfony\Component\Process\Process;

/**
 * The proof as pages to be signed off: the picture, each figure as typed and as measured, every check, the fingerprint,
 * and a contact sheet with each hold.
 */
final readonly class ProofPdfMaker implements Maker
{
    /** holds on the contact sheet */
    private const MOST = 24;

    /** pixels across of a picture */
    private const WIDE = 1200;
    private const SMALL = 560;

    private const FONT = 'node_modules/@expo-google-fonts/figtree/';

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
        $piece = $placed->piece;
        $timings = $this->computed->timings($placed);
        $proof = $this->computed->proof($placed, Effort::MOST, static function () use ($progress): void {
            $progress(null);
        });
        $holds = FrameValues::holds($piece, $timings);
        $poster = MoveSheet::finished($timings, $piece->stage->frames);
        $stills = [];
        foreach (array_slice($holds, 0, self::MOST) as $place => [$first, $last]) {
            $frame = intdiv($first + $last, 2);
            $stills[] = [
                'picture' => $this->picture($placed, $frame, self::SMALL),
                'from' => self::timecode($piece, $first),
                'to' => self::timecode($piece, $last),
            ];
            if (!$progress(intdiv($order->range->count() * ($place + 1), count($holds) + 1))) {
                return false;
            }
        }
        $text = self::pages(View::make('proof', [
            'piece' => $piece,
            'short' => Alternative::of($piece, $timings)->short,
            'word' => $proof->word(),
            'issues' => $proof->issues(),
            'extent' => $proof->extent,
            'fingerprint' => hash('sha256', $placed->text),
            'films' => $order->films,
            'rows' => ProofTable::of($piece, $proof, '')->rows,
            'poster' => $this->picture($placed, $poster, self::WIDE),
            'posterAt' => self::timecode($piece, $poster),
            'stills' => $stills,
            'more' => max(0, count($holds) - self::MOST),
            'rate' => FrameRate::ofStage($piece->stage)->perSecond(),
            'sources' => Alternative::sources($piece),
            'fonts' => base_path(self::FONT),
        ])->render());
        if (@file_put_contents($target, $text) !== strlen($text)) {
            throw new FullDisk();
        }

        return true;
    }

    private static function pages(string $html): string
    {
        $scratch = storage_path('framework/pdf');
        if (!is_dir($scratch) && !@mkdir($scratch, 0775, true)) {
            throw new FullDisk();
        }
        $options = new Options([
            // Nothing is asked of any network, and no file is read but the fonts.
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'chroot' => [base_path(self::FONT)],
            'fontDir' => $scratch,
            'fontCache' => $scratch,
            'tempDir' => $scratch,
            'isFontSubsettingEnabled' => true,
            'defaultFont' => 'Figtree',
            'dpi' => 96,
        ]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        $pdf->getCanvas()->page_text(
            528,
            812,
            '{PAGE_NUM} of {PAGE_COUNT}',
            $pdf->getFontMetrics()->getFont('Figtree') ?? '',
            8,
            [0.4, 0.42, 0.46],
        );

        return (string) $pdf->output();
    }

    /** A still as JPEG in an address. */
    private function picture(PlacedPiece $placed, int $frame, int $width): string
    {
        $still = $this->renderer->still($this->computed->filmedFrame($placed, $frame), $frame);
        $process = new Process([
            'ffmpeg', '-v', 'error', '-f', 'png_pipe', '-i', '-', '-vf', "scale='min($width,iw)':-2:flags=area",
            '-q:v', '3', '-f', 'mjpeg', '-',
        ]);
        $process->setInput($still);
        $process->run();

        return $process->isSuccessful()
            ? 'data:image/jpeg;base64,'.base64_encode($process->getOutput())
            : throw new FilmFailed('A picture of the proof could not be made: '.trim($process->getErrorOutput()));
    }

    private static function timecode(Piece $piece, int $frame): string
    {
        return Timecode::atFrame($frame, FrameRate::ofStage($piece->stage), $piece->stage->dropFrame)->toText();
    }
}
