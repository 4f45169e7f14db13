<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\FileKind;
use App\Film\FileOrder;
use App\Film\FilmFailed;
use App\Film\Maker;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Alternative;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Papers\Markers;
use Lupine\Core\Papers\ProofTable;
use Lupine\Core\Papers\SubRip;
use Lupine\Core\Papers\Subtitles;
use Lupine\Core\Papers\Timeline;
use Lupine\Core\Papers\WebVtt;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;

/** What is handed on in writing. */
final readonly class PaperMaker implements Maker
{
    public function __construct(private ComputedPiece $computed)
    {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $text = $this->text($placed, $order, $name, static fn (): bool => $progress(null));
        if (@file_put_contents($target, $text) !== strlen($text)) {
            throw new FullDisk();
        }

        return true;
    }

    /** @param \Closure(): mixed $meanwhile is called now and then, for a proof can take seconds */
    private function text(PlacedPiece $placed, FileOrder $order, string $name, \Closure $meanwhile): string
    {
        $piece = $placed->piece;
        $kind = $order->kind;
        if (in_array($kind, [FileKind::Srt, FileKind::SrtWords, FileKind::Vtt, FileKind::VttWords], true)) {
            return self::subtitles($piece, $order->range, $kind);
        }
        if ($kind === FileKind::SrtOther || $kind === FileKind::VttOther) {
            return self::subtitles($piece->inSecondLanguage(), $order->range, $kind);
        }
        $timings = $this->computed->timings($placed);

        return match ($kind) {
            FileKind::Markers => Csv::of(Markers::of($piece, $timings)),
            FileKind::Timeline => json_encode(
                Timeline::of($piece, $timings, $order->range, self::filmOf($name)),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
                    | JSON_PRESERVE_ZERO_FRACTION,
            )."\n",
            FileKind::Holds => Csv::of(FrameValues::of($piece, $timings, true)),
            FileKind::Frames => Csv::of(FrameValues::of($piece, $timings, false)),
            FileKind::Proof => Csv::of(ProofTable::of(
                $piece,
                $this->computed->proof($placed, Effort::MOST, static function () use ($meanwhile): void {
                    $meanwhile();
                }),
                hash('sha256', $placed->text),
                $order->films,
            )),
            FileKind::Alternative => self::alternative($piece, Alternative::of($piece, $timings)),
            default => throw new FilmFailed('This is not handed on in writing.'),
        };
    }

    /** The name of the film that belongs to a timeline: the same, as the editor's film is called. */
    private static function filmOf(string $name): string
    {
        $suffix = FileKind::Timeline->traits()->suffix;

        return str_replace($suffix, '', pathinfo($name, PATHINFO_FILENAME)).'.'.FileKind::Mov->traits()->ending;
    }

    private static function alternative(Piece $piece, Alternative $alternative): string
    {
        return $piece->title."\n\n".$alternative->short."\n\n".$alternative->long."\n";
    }

    /** @throws BadPiece where nothing is said */
    private static function subtitles(Piece $piece, FrameRange $range, FileKind $kind): string
    {
        $cues = $kind === FileKind::SrtWords ? Subtitles::words($piece, $range) : Subtitles::lines($piece, $range);
        if ($cues === []) {
            throw new BadPiece(
                in_array($kind, [FileKind::SrtOther, FileKind::VttOther], true)
                    ? 'No line on these frames has a second language. Type it at the desk, below the line.'
                    : 'Nothing is said on these frames, so there are no subtitles. Type the narrator’s lines at the desk first.',
                'script.lines',
            );
        }

        return match ($kind) {
            FileKind::Vtt, FileKind::VttWords, FileKind::VttOther => WebVtt::of($cues, $kind === FileKind::VttWords),
            default => SubRip::of($cues),
        };
    }
}
