<?php

declare(strict_types=1);

namespace App\Desk;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Drawing\Reel;
use Lupine\Core\Drawing\Sheet;
use Lupine\Core\Drawing\TooMuch;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Problem;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Script\Beats;

/** A document, drawn by core: once, and kept as the reel that was made of it for as long as there is room. */
final readonly class ComputedPiece
{
    public function __construct(private DrawPiece $drawPiece, private KeptReels $kept)
    {
    }

    public function draw(Piece $piece, ?int $from = null, ?int $to = null): Drawing
    {
        return $this->drawPiece->draw($piece, $from, $to);
    }

    /**
     * What the desk shows of a document, as JSON. Figures that cannot be drawn are a problem to be shown, not an error:
     * the document is kept as it was typed. Of a large piece the reel holds the frames around the playhead: fewer while
     * somebody edits it.
     */
    public function forDesk(Piece $piece, string $documentText, int $frame, bool $inHurry = false): string
    {
        $script = Sheet::script($piece);
        $script['lines'] = (object) $script['lines'];
        $script['words'] = (object) Sheet::words($piece);
        try {
            $timings = $this->drawPiece->timings($piece);
        } catch (ImpossibleFigures $reason) {
            $problem = Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);

            return self::answer([$problem], ['charts' => (object) [], ...$script], 'null');
        }
        $problems = (new Moves($piece, new Beats($piece)))->problems();
        foreach ($timings as $timing) {
            array_push($problems, ...$timing->figures()->notices);
        }
        $effort = Effort::of($piece, $timings);
        try {
            $effort->check(Effort::MOST);
        } catch (TooMuch $reason) {
            $problems[] = Problem::notice('too-much', $reason->where, $reason->getMessage());
        }
        $range = $effort->rangeAround($frame, $inHurry ? Effort::AT_HAND : Effort::AT_ONCE);
        $reel = $this->reelText($piece, $documentText, $range);

        return self::answer($problems, ['charts' => (object) Sheet::of($piece, $timings), ...$script], $reel);
    }

    /**
     * The comparison of picture and figures, as JSON.
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function proofText(Piece $piece, string $documentText, int $most = Effort::PROVED_AT_ONCE): string
    {
        return $this->kept->remember('proof', $documentText, 'whole', function () use (
            $piece,
            $documentText,
            $most,
        ): string {
            return json_encode(
                $this->proof($piece, $documentText, $most),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            );
        });
    }

    /**
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function proof(Piece $piece, string $documentText, int $most = Effort::MOST): Proof
    {
        $timings = $this->drawPiece->timings($piece);
        Effort::of($piece, $timings)->check($most);
        /** @var array<string, mixed> $reel */
        $reel = json_decode($this->reelText($piece, $documentText, FrameRange::within($piece->stage->frames)), true);

        return Proof::of($piece, $reel, $timings, $this->drawPiece->setter());
    }

    /**
     * The whole reel as JSON.
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function wholeReelText(string $documentText): string
    {
        $piece = Piece::fromJson($documentText, $this->drawPiece->forms);
        $this->check($piece);

        return $this->reelText($piece, $documentText, FrameRange::within($piece->stage->frames));
    }

    /**
     * Whether a film can be made of it, before anything is drawn.
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function check(Piece $piece): void
    {
        $this->effort($piece)->check(Effort::MOST);
    }

    public function effort(Piece $piece): Effort
    {
        return Effort::of($piece, $this->drawPiece->timings($piece));
    }

    /** The reel of a range of frames as JSON, kept by the hash of the document and the range. */
    public function reelText(Piece $piece, string $documentText, FrameRange $range): string
    {
        return $this->kept->remember(
            'reel',
            $documentText,
            $range->from.'-'.$range->to,
            fn (): string => json_encode(
                Reel::of($this->draw($piece, $range->from, $range->to)),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ),
        );
    }

    /**
     * @param list<Problem> $problems
     * @param array<string, mixed> $sheet
     */
    private static function answer(array $problems, array $sheet, string $reel): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

        return sprintf(
            '{"problems":%s,"sheet":%s,"reel":%s}',
            json_encode($problems, $flags),
            json_encode($sheet, $flags),
            $reel,
        );
    }
}
