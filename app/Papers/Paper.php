<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Film\StillPainter;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Papers\Markers;
use Lupine\Core\Papers\ProofTable;
use Lupine\Core\Papers\SubRip;
use Lupine\Core\Papers\Subtitles;
use Lupine\Core\Papers\WebVtt;
use Lupine\Core\Settings\BadPiece;

/** What is handed on in writing; the value names it in addresses. */
enum Paper: string
{
    case Srt = 'srt';
    case SrtWords = 'srt-words';
    case Vtt = 'vtt';
    case VttWords = 'vtt-words';
    case Markers = 'markers';
    case Proof = 'proof';
    case Holds = 'holds';
    case Frames = 'frames';
    case Stills = 'stills';

    /** What its file is called after the title of the piece. */
    public function ending(): string
    {
        return match ($this) {
            self::Srt => '.srt',
            self::SrtWords => '-words.srt',
            self::Vtt => '.vtt',
            self::VttWords => '-words.vtt',
            self::Markers => '-markers.csv',
            self::Proof => '-proof.csv',
            self::Holds => '-values.csv',
            self::Frames => '-values-by-frame.csv',
            self::Stills => '-stills.zip',
        };
    }

    public function contentType(): string
    {
        return match ($this) {
            self::Srt, self::SrtWords => 'application/x-subrip',
            self::Vtt, self::VttWords => 'text/vtt',
            self::Stills => 'application/zip',
            default => 'text/csv; charset=utf-8',
        };
    }

    /**
     * @param FrameRange $range of the film that subtitles belong to
     *
     * @throws BadPiece where there is nothing to write
     * @throws ImpossibleFigures where a chart cannot be drawn from its table
     */
    public function write(
        ComputedPiece $computed,
        PlacedPiece $placed,
        FrameRange $range,
        StillPainter $painter,
    ): string {
        $piece = $placed->piece;
        $timings = $this->isSubtitles() ? [] : $computed->timings($placed);

        return match ($this) {
            self::Srt => SubRip::of($this->said(Subtitles::lines($piece, $range))),
            self::SrtWords => SubRip::of($this->said(Subtitles::words($piece, $range))),
            self::Vtt => WebVtt::of($this->said(Subtitles::lines($piece, $range))),
            self::VttWords => WebVtt::of($this->said(Subtitles::lines($piece, $range)), true),
            self::Markers => Csv::of(Markers::of($piece, $timings)),
            self::Holds => Csv::of(FrameValues::of($piece, $timings, true)),
            self::Frames => Csv::of(FrameValues::of($piece, $timings, false)),
            self::Stills => (new HoldStills($computed, $painter))->zip($placed, $timings),
            self::Proof => Csv::of(ProofTable::of(
                $piece,
                $computed->proof($placed, Effort::PROVED_AT_ONCE),
                hash('sha256', $placed->text),
            )),
        };
    }

    private function isSubtitles(): bool
    {
        return in_array($this, [self::Srt, self::SrtWords, self::Vtt, self::VttWords], true);
    }

    /**
     * @template T
     *
     * @param list<T> $cues
     *
     * @return non-empty-list<T>
     */
    private function said(array $cues): array
    {
        return $cues !== [] ? $cues : throw new BadPiece(
            'Nothing is said on these frames, so there are no subtitles. Type the narrator’s lines at the desk first.',
            'script.lines',
        );
    }
}
