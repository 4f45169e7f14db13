<?php

declare(strict_types=1);

namespace App\Desk;

use App\Api\FiguresNow;
use App\Api\Problem as ProblemAnswer;
use App\Api\Proof as ProofAnswer;
use App\Api\Sheet;
use Lupine\Core\Acts\Mend;
use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Arrangement\Placed;
use Lupine\Core\Arrangement\Places;
use Lupine\Core\Contract\Map;
use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Desk\ScriptSheet;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Drawing\TooMuch;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Legibility\Mending;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Problem;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Script\Beats;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Story\ChartTiming;

/** A document, drawn by core: once, and kept as the reel that was made of it for as long as there is room. */
final readonly class ComputedPiece
{
    /** frames that are drawn with a shutter for somebody who plays */
    private const SEEN_AHEAD = 95;

    public function __construct(private DrawPiece $drawPiece, private Arrange $arrange, private KeptReels $kept)
    {
    }

    /**
     * @param string|null $shape null: the piece's own stage
     *
     * @throws BadPiece where the piece has no such shape
     */
    public function placed(Piece $piece, string $documentText, ?string $shape = null): PlacedPiece
    {
        return new PlacedPiece(
            $this->arrange->piece($piece, $shape),
            $shape === null ? $documentText : $documentText.' '.$shape,
            $piece,
            $shape,
        );
    }

    /** @throws BadPiece */
    public function read(string $documentText, ?string $shape = null): PlacedPiece
    {
        return $this->placed(Piece::fromJson($documentText, $this->drawPiece->forms), $documentText, $shape);
    }

    public function draw(PlacedPiece $placed, ?int $from = null, ?int $to = null): Drawing
    {
        return $this->drawPiece->draw($placed->piece, $from, $to);
    }

    /**
     * What the desk shows of a document, as JSON. Figures that cannot be drawn are a problem to be shown, not an error:
     * the document is kept as it was typed. Of a large piece the reel holds the frames around the playhead: fewer while
     * somebody edits it.
     *
     * @param int|null $frame of the playhead; null: where all figures have come
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public function forDesk(
        PlacedPiece $placed,
        ?int $frame,
        bool $inHurry = false,
        ?\Closure $meanwhile = null,
    ): string {
        $timings = $this->timingsOf($placed);
        if ($timings instanceof Problem) {
            return self::part(['problems' => [$timings], 'sheet' => $this->sheet($placed, []), 'reel' => null]);
        }
        $effort = Effort::of($placed->piece, $timings);
        $sheet = $this->sheet($placed, $timings);
        $most = $inHurry ? Effort::AT_HAND : Effort::AT_ONCE;
        $range = $effort->rangeAround($frame ?? $sheet->finished, $most);

        return self::part([
            'problems' => self::problems($placed, $timings, $effort),
            'sheet' => $sheet,
            'reel' => $this->reelText($placed, $range, $meanwhile),
        ]);
    }

    /**
     * What the desk shows of a document after an edit, part by part as App\Api\LivePart says it: the frame of the
     * playhead, then the sheet, then the frames around it, as many as somebody who edits can have at once.
     *
     * @param bool $isHeld while it is still being changed that frame alone
     *
     * @return iterable<string> JSON
     */
    public function live(PlacedPiece $placed, int $frame, bool $isHeld): iterable
    {
        $part = ['problems' => null, 'places' => null, 'sheet' => null, 'reel' => null];
        $timings = $this->timingsOf($placed);
        if ($timings instanceof Problem) {
            yield self::part([...$part, 'problems' => [$timings], 'sheet' => $this->sheet($placed, [])]);

            return;
        }
        $seen = min($frame, $placed->piece->stage->frames - 1);
        yield self::part([
            ...$part,
            'places' => $this->places($placed),
            'reel' => self::written($this->draw($placed, $seen, $seen)),
        ]);
        if ($isHeld) {
            return;
        }
        $effort = Effort::of($placed->piece, $timings);
        yield self::part([
            ...$part,
            'problems' => self::problems($placed, $timings, $effort),
            'sheet' => $this->sheet($placed, $timings),
        ]);
        yield self::part([
            ...$part,
            'reel' => $this->reelText($placed, $effort->rangeAround($seen, Effort::AT_HAND)),
        ]);
    }

    /** @return array<string, ChartTiming>|Problem by chart id; why its figures cannot be drawn */
    private function timingsOf(PlacedPiece $placed): array|Problem
    {
        try {
            return $this->timings($placed);
        } catch (ImpossibleFigures $reason) {
            return Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);
        }
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<Problem>
     */
    private static function problems(PlacedPiece $placed, array $timings, Effort $effort): array
    {
        $piece = $placed->piece;
        $problems = (new Moves($piece, new Beats($piece)))->problems();
        foreach ($timings as $timing) {
            array_push($problems, ...$timing->figures()->notices);
        }
        try {
            $effort->check(Effort::MOST);
        } catch (TooMuch $reason) {
            $problems[] = Problem::notice('too-much', $reason->where, $reason->getMessage());
        }

        return $problems;
    }

    /** @return Map<Placed> */
    private function places(PlacedPiece $placed): Map
    {
        return new Map((new Places($this->drawPiece->forms))->of($placed->told, $placed->piece, $placed->shape));
    }

    /** @param array<string, ChartTiming> $timings by chart id; none where the figures are impossible */
    private function sheet(PlacedPiece $placed, array $timings): Sheet
    {
        $piece = $placed->piece;
        $script = ScriptSheet::script($piece);

        return new Sheet(
            $this->places($placed),
            new Map(ChartSheet::of($piece, $timings)),
            MoveSheet::backdrop($piece),
            MoveSheet::captions($piece),
            $timings === [] ? 0 : MoveSheet::finished($timings, $piece->stage->frames),
            $timings === [] ? null : MoveSheet::there($timings, $piece->stage->frames),
            $timings === [] ? [] : MoveSheet::shots($piece, $timings),
            MoveSheet::words($piece),
            MoveSheet::panels($piece),
            new Map($script['lines']),
            new Map(array_map(static fn (array $lines): Map => new Map($lines), $script['heard'])),
            $script['departures'],
            MoveSheet::moves($piece),
            $timings === [] ? [] : ScriptSheet::said($piece, $timings),
            $script['length'],
            $script['seconds'],
        );
    }

    /**
     * What the figures are on a frame, as JSON; none where they cannot be drawn.
     */
    public function atText(PlacedPiece $placed, int $frame): string
    {
        try {
            $charts = ChartSheet::at($this->drawPiece->timings->of($placed->piece), $frame);
        } catch (ImpossibleFigures) {
            $charts = [];
        }
        $now = new FiguresNow(new Map(array_map(static fn (array $figures): Map => new Map($figures), $charts)));

        return json_encode($now, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * The comparison of picture and figures, as JSON.
     *
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function proofText(
        PlacedPiece $placed,
        int $most = Effort::PROVED_AT_ONCE,
        ?\Closure $meanwhile = null,
    ): string {
        return $this->kept->remember(
            'proof',
            $placed->text,
            'whole',
            fn (): string => json_encode(
                $this->proofAnswer($placed, $this->proof($placed, $most, $meanwhile)),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        );
    }

    /** A proof as it is answered, with what of it can be mended by one act. */
    public function proofAnswer(PlacedPiece $placed, Proof $proof): ProofAnswer
    {
        $document = $placed->document();
        $forms = $this->drawPiece->forms;
        $isOfUse = static fn (Mending $one): bool => (new Mend($one->what, $one->of, $one->kind, $one->by))
            ->isOfUse($document, $placed->told, $forms);

        return ProofAnswer::of($proof, $isOfUse);
    }

    /**
     * @return array<string, ChartTiming> what its figures want on which frame, by chart id
     *
     * @throws ImpossibleFigures
     */
    public function timings(PlacedPiece $placed): array
    {
        return $this->drawPiece->timings->of($placed->piece);
    }

    /**
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function proof(PlacedPiece $placed, int $most = Effort::MOST, ?\Closure $meanwhile = null): Proof
    {
        $piece = $placed->piece;
        $timings = $this->timings($placed);
        $this->check($placed, $most);
        $whole = $this->reelText($placed, FrameRange::within($piece->stage->frames), $meanwhile);
        /** @var array<string, mixed> $reel */
        $reel = json_decode($whole, true);

        return Proof::of($piece, Reel::read($reel), $timings, $this->drawPiece->setter, $meanwhile);
    }

    /**
     * The whole reel as JSON.
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function wholeReelText(PlacedPiece $placed): string
    {
        $this->check($placed);

        return $this->reelText($placed, FrameRange::within($placed->piece->stage->frames));
    }

    /**
     * Whether a film can be made of it, or a proof, before anything is drawn.
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function check(PlacedPiece $placed, int $most = Effort::MOST): void
    {
        $this->effort($placed)->check($most);
    }

    public function effort(PlacedPiece $placed): Effort
    {
        return Effort::of($placed->piece, $this->drawPiece->timings->of($placed->piece));
    }

    /**
     * Frames as they are handed off, one reel after the other: with the piece's shutter where it has one, and then in
     * parts that are not too large.
     *
     * @return iterable<string> JSON
     *
     * @throws ImpossibleFigures
     * @throws TooMuch
     */
    public function filmReels(
        PlacedPiece $placed,
        FrameRange $range,
        bool $withShutter = true,
        ?\Closure $meanwhile = null,
    ): iterable {
        $this->check($placed);
        $shutter = $withShutter ? $placed->piece->shutter : null;
        if ($shutter === null) {
            yield $this->reelText($placed, FrameRange::within($placed->piece->stage->frames), $meanwhile);

            return;
        }
        $effort = $this->effort($placed);
        $frames = $placed->piece->stage->frames;
        for ($from = $range->from; $from <= $range->to; $from = $part->to + 1) {
            $wanted = FrameRange::within($frames, $from, $range->to);
            $part = $effort->partOf($wanted, $shutter->samples, Effort::FILMED_AT_ONCE);
            yield $this->filmedText($placed, $part, $meanwhile);
        }
    }

    /**
     * A frame and some of those that follow it as they are handed off, as JSON.
     *
     * @throws ImpossibleFigures
     */
    public function filmedAround(PlacedPiece $placed, int $frame, ?\Closure $meanwhile = null): string
    {
        $samples = $placed->piece->shutter->samples ?? 1;
        $range = FrameRange::within($placed->piece->stage->frames, $frame, $frame + self::SEEN_AHEAD);

        $part = $this->effort($placed)->partOf($range, $samples, Effort::SEEN_AT_ONCE);

        return $this->filmedText($placed, $part, $meanwhile);
    }

    /** Frames as they are handed off, as one reel in JSON, kept by the hash of the document and the range. */
    public function filmedText(PlacedPiece $placed, FrameRange $range, ?\Closure $meanwhile = null): string
    {
        $shutter = $placed->piece->shutter;

        return $shutter === null ? $this->reelText($placed, $range, $meanwhile) : $this->kept->remember(
            'filmed',
            $placed->text,
            $range->from.'-'.$range->to,
            fn (): string => self::written(
                $this->drawPiece->draw($placed->piece, $range->from, $range->to, $shutter),
                $meanwhile,
            ),
        );
    }

    /** One frame as it is handed off, as a reel in JSON. */
    public function filmedFrame(PlacedPiece $placed, int $frame): string
    {
        return $this->filmedText($placed, FrameRange::within($placed->piece->stage->frames, $frame, $frame));
    }

    /** The reel of a range of frames as JSON, kept by the hash of the document and the range. */
    public function reelText(PlacedPiece $placed, FrameRange $range, ?\Closure $meanwhile = null): string
    {
        return $this->kept->remember(
            'reel',
            $placed->text,
            $range->from.'-'.$range->to,
            fn (): string => self::written($this->draw($placed, $range->from, $range->to), $meanwhile),
        );
    }

    /** @param (\Closure(): void)|null $meanwhile */
    private static function written(Drawing $drawing, ?\Closure $meanwhile = null): string
    {
        return json_encode(
            WriteReel::of($drawing, $meanwhile),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * As App\Api\Computed and App\Api\LivePart say it, with a reel that is kept as text.
     *
     * @param array{problems: list<Problem>|null, reel: string|null, ...} $part
     */
    private static function part(array $part): string
    {
        ['problems' => $problems, 'reel' => $reel] = $part;
        unset($part['reel']);
        if ($problems !== null) {
            $part['problems'] = array_map(ProblemAnswer::of(...), $problems);
        }
        $text = json_encode($part, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return substr($text, 0, -1).',"reel":'.($reel ?? 'null').'}';
    }
}
