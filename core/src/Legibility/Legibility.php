<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Drawing\BackdropOverTime;
use Lupine\Core\Drawing\ChartTiming;
use Lupine\Core\Drawing\Ground;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Problem;
use Lupine\Core\Script\Beats;
use Lupine\Core\Spoken\SaidFigure;
use Lupine\Core\Spoken\SaidFigures;
use Lupine\Core\Words\TextSetter;

/** What stands in the way of reading a picture that may be exact all the same; each thing with its place. */
final readonly class Legibility
{
    /** characters of a caption a second (common practice, no source) */
    private const QUICKEST = 20;
    /** frames on which it is looked whether charts stand on each other, and lines to labels cross, evenly spaced */
    private const LOOKS = 24;
    /** points to each side of where two charts meet, at which it is looked whether both have a mark there */
    private const GRID = 12;
    /** pairs of colours, and other things of one kind, that are named one by one */
    private const NAMED = 8;
    /** distance in OKLab below which two colours are hard to tell apart (common practice, no source) */
    private const ALIKE = 0.045;
    /** parts of a whole beyond which they are hard to follow (common practice, no source) */
    private const MANY = 6;

    /** @var list<int> frames, the last first */
    private array $looks;

    private ShownWords $words;

    private BackdropOverTime $backdrop;

    private Behind $behind;

    private Sightings $sightings;

    /**
     * @param array<string, mixed> $reel of the whole piece, as docs/reel.md describes it
     * @param array<string, ChartTiming> $timings by chart id
     */
    public function __construct(
        private Piece $piece,
        array $reel,
        private array $timings,
        private TextSetter $setter,
    ) {
        $range = FrameRange::within($piece->stage->frames);
        $this->backdrop = BackdropOverTime::of($piece, new Moves($piece, new Beats($piece)));
        $this->words = new ShownWords($reel);
        $this->behind = new Behind($piece->charts, $timings, array_map(
            static fn (ChartTiming $timing): array => $timing->presences($range),
            $timings,
        ));
        $this->sightings = new Sightings($piece, $timings, $this->words, $this->behind, $this->backdrop);
        $last = $piece->stage->frames - 1;
        $this->looks = array_values(array_unique(array_map(
            static fn (int $look): int => (int) round(($last * $look) / self::LOOKS),
            range(self::LOOKS, 1),
        )));
    }

    /** @return array{int, bool} how many frames words were looked at, and whether that is every one they change on */
    public function extent(): array
    {
        return [count($this->sightings->frames), $this->sightings->isWhole];
    }

    /** @return list<Check> */
    public function checks(): array
    {
        $charts = array_map(fn (Chart $chart): array => $this->ofChart($chart), $this->piece->charts);

        return [
            ...array_merge([], ...$charts),
            ...(new LabelChecks($this->piece, $this->timings, $this->words, $this->looks))->checks(),
            ...$this->unnamed(),
            $this->signsThere(),
            $this->captionsSlow(),
            ...$this->saidAsShown(),
            ...$this->sightings->checks('outside', 'All words stand inside the stage.'),
            ...$this->sightings->checks('over', 'No words stand over others.'),
            ...$this->sightings->checks('marks', 'No words stand on marks that are not theirs.'),
            ...$this->sightings->checks('cut', 'No words are cut short.'),
            ...$this->sightings->checks('small', 'All words are large enough to be read.'),
            ...$this->sightings->checks('contrast', 'Words stand out from what is behind them.'),
            ...$this->chartsApart(),
        ];
    }

    /** @return list<Check> */
    private function ofChart(Chart $chart): array
    {
        if ($chart->isHidden) {
            return [];
        }
        $timing = $this->timings[$chart->id];
        $slips = array_map(
            static fn (Problem $problem): Check => Check::wrong($problem->message),
            array_values(
                array_filter(
                    $timing->figures()->notices,
                    static fn (Problem $problem): bool => $problem->repairs !== [] && $problem->code !== 'only-one',
                ),
            ),
        );
        $count = count($timing->figures()->list);
        if ($count > self::MANY && !$timing->isOnScale()) {
            $slips[] = Check::wrong(
                sprintf(
                    '%d parts are hard to tell apart; about five read well. Small ones could be put together.',
                    $count,
                ),
            );
        }

        // Marks with a name at each need no colour to be told by; of a great many it has been said already.
        $isNamed = $chart->words->names !== null && $timing->figures()->seriesCount() < 2;
        $isOneLine = $timing->form->isJoined() && $timing->figures()->seriesCount() < 2;
        $isToldByColour = !$isNamed && !$isOneLine && $count >= 2 && $count <= 2 * self::MANY;

        return [
            ...$slips,
            ...$isToldByColour ? $this->colours($timing) : [],
            ...$count <= 4 * self::MANY ? $this->onGround($chart, $timing) : [],
        ];
    }

    /**
     * Marks that look alike, to any common kind of colour vision, the nearest first.
     *
     * @return list<Check>
     */
    private function colours(ChartTiming $timing): array
    {
        $ids = $timing->layoutAt(0)->order();
        $alike = [];
        foreach ($ids as $place => $one) {
            foreach (array_slice($ids, $place + 1) as $other) {
                foreach (ColourVision::cases() as $vision) {
                    $far = Colour::hex($timing->colours[$one])->seenWith($vision)
                        ->distanceTo(Colour::hex($timing->colours[$other])->seenWith($vision));
                    if ($far < self::ALIKE) {
                        // Whoever sees all colours comes first, and stands for everybody.
                        $alike[] = [$far, $one, $other, $vision];
                        break;
                    }
                }
            }
        }
        usort($alike, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $name = static fn (string $id): string => '“'.$timing->figure($id)->fullLabel().'”';
        $checks = array_map(fn (array $pair): Check => Check::wrong(
            sprintf('%s and %s look alike to %s.', $name($pair[1]), $name($pair[2]), $pair[3]->people()),
            $this->piece->stage->frames - 1,
        ), array_slice($alike, 0, self::NAMED));
        if (count($alike) > self::NAMED) {
            $checks[] = Check::wrong(sprintf('%d more pairs of marks look alike.', count($alike) - self::NAMED));
        }

        return $checks !== []
            ? $checks
            : [Check::right('All marks can be told apart, whatever colours one sees.')];
    }

    /**
     * Marks of the ground's own colour.
     *
     * @return list<Check>
     */
    private function onGround(Chart $chart, ChartTiming $timing): array
    {
        $stage = $this->piece->stage;
        $frame = $stage->frames - 1;
        $layout = $timing->layoutAt($frame);
        $lost = [];
        foreach ($timing->figures()->list as $figure) {
            $middle = $layout->shape($figure->id, Presence::full(), 0.0)->middle();
            $at = $timing->onStage($chart, $middle, $frame);
            $ground = Ground::ofBackdrop($this->backdrop->at($frame), $at, $stage->width, $stage->height);
            $own = Colour::hex($timing->colours[$figure->id]);
            if ($ground !== null && $own->distanceTo($ground) < self::ALIKE && abs($figure->value()) > 0) {
                $lost[] = Check::wrong(
                    sprintf('“%s” has about the colour of the ground, and is not seen.', $figure->fullLabel()),
                    $frame,
                    Box::around($at, 160, 160),
                );
            }
        }

        return array_slice($lost, 0, self::NAMED);
    }

    /**
     * A title that a new piece was given, because nobody had said one.
     *
     * @return list<Check>
     */
    private function unnamed(): array
    {
        foreach ($this->piece->words as $words) {
            if (trim($words->text) === Piece::UNNAMED) {
                $frame = $this->looks[0];

                return [Check::wrong(sprintf('The title still says “%s”.', Piece::UNNAMED), $frame)];
            }
        }

        return [];
    }

    private function signsThere(): Check
    {
        $texts = [];
        foreach ($this->piece->words as $words) {
            $texts[] = [$words->text, $words->style->font];
        }
        foreach ($this->piece->captions === null ? [] : $this->piece->narration->lines as $line) {
            $texts[] = [$line->text, $this->piece->captions->style->font ?? ''];
        }
        foreach ($this->piece->charts as $chart) {
            foreach ($this->piece->table($chart->table)->rows as $row) {
                $texts[] = [$row->label, $chart->words->legend->style->font ?? $chart->words->labelStyle->font];
            }
        }
        $found = array_map(fn (array $text): array => $this->setter->missing($text[0], $text[1]), $texts);
        $missing = array_unique(array_merge([], ...$found));

        return $missing === []
            ? Check::right('Every sign of every text is in its font.')
            : Check::wrong(
                sprintf(
                    'The font has no sign for %s; a box stands in its place.',
                    implode(' ', array_slice($missing, 0, 8)),
                ),
            );
    }

    /** Captions stay long enough to be read. */
    private function captionsSlow(): Check
    {
        $stage = $this->piece->stage;
        foreach ($this->piece->captions === null ? [] : $this->piece->narration->lines as $line) {
            $seconds = (($line->end - $line->begin) * $stage->rateDenominator) / $stage->rateNumerator;
            $pace = mb_strlen(trim($line->text)) / $seconds;
            if ($pace > self::QUICKEST) {
                return Check::wrong(
                    sprintf(
                        'The caption “%s” is there for %.1f seconds: %d characters a second, and %d are the most that is read at ease. Let it stay longer, or split it.',
                        mb_strimwidth($line->text, 0, 40, '…'),
                        $seconds,
                        (int) round($pace),
                        self::QUICKEST,
                    ),
                    $line->begin,
                );
            }
        }

        return Check::right('Captions stay long enough to be read.');
    }

    /**
     * What the narrator says of figures is what they are when it is said.
     *
     * @return list<Check>
     */
    private function saidAsShown(): array
    {
        $checks = [];
        $shown = array_map(static fn (ChartTiming $timing): \Closure => $timing->shownFigures(...), $this->timings);
        foreach (SaidFigures::of($this->piece, $shown) as $said) {
            $line = $this->piece->line($said->line);
            if ($said->state !== SaidFigure::DIFFERS || $line === null) {
                continue;
            }
            $words = array_slice(Beats::split($line->text), $said->from, $said->to - $said->from);
            $checks[] = Check::wrong(
                sprintf(
                    'The narrator says “%s” of %s, which is %s; the table says %s.',
                    trim(implode(' ', $words), ' ,.;:!?'),
                    $said->label,
                    $said->said,
                    $said->is,
                ),
                (new Beats($this->piece))->words($line)[$said->from]->frame,
            );
        }

        return $checks !== [] ? $checks : [Check::right('What the narrator says is what the figures are.')];
    }

    /**
     * Charts that do not share an axis, and stand on each other.
     *
     * @return list<Check>
     */
    private function chartsApart(): array
    {
        $charts = array_values(array_filter($this->piece->charts, static fn (Chart $one): bool => !$one->isHidden));
        $shared = SharedAxes::of($this->piece);
        $found = [];
        foreach ($charts as $place => $one) {
            foreach (array_slice($charts, $place + 1) as $other) {
                if (($shared[$one->id] ?? $one->id) === ($shared[$other->id] ?? $other->id)) {
                    continue;
                }
                foreach ($this->looks as $frame) {
                    $at = $this->meeting($one, $other, $frame);
                    if ($at !== null) {
                        $found[] = Check::wrong(
                            sprintf('The charts “%s” and “%s” stand on each other.', ...array_map(
                                fn (Chart $chart): string => $this->piece->table($chart->table)->name !== ''
                                    ? $this->piece->table($chart->table)->name
                                    : $chart->id,
                                [$one, $other],
                            )),
                            $frame,
                            Box::around($at, 120, 120),
                        );
                        break;
                    }
                }
            }
        }

        return $found !== [] || count($charts) < 2 ? $found : [Check::right('No charts stand on each other.')];
    }

    /** A point of the stage at which both charts have a mark. */
    private function meeting(Chart $one, Chart $other, int $frame): ?Point
    {
        $boxes = array_map(function (Chart $chart) use ($frame): Box {
            $timing = $this->timings[$chart->id];
            $extent = $timing->layoutAt($frame)->extent();
            $corners = array_map(
                static fn (array $at): Point => $timing->onStage($chart, new Point(...$at), $frame),
                [
                    [$extent->left, $extent->top], [$extent->right(), $extent->top],
                    [$extent->left, $extent->bottom()], [$extent->right(), $extent->bottom()],
                ],
            );
            $xs = array_map(static fn (Point $point): float => $point->x, $corners);
            $ys = array_map(static fn (Point $point): float => $point->y, $corners);

            return new Box(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
        }, [$one, $other]);
        [$left, $right] = [max($boxes[0]->left, $boxes[1]->left), min($boxes[0]->right(), $boxes[1]->right())];
        [$top, $bottom] = [max($boxes[0]->top, $boxes[1]->top), min($boxes[0]->bottom(), $boxes[1]->bottom())];
        for ($row = 0; $row < self::GRID && $right > $left && $bottom > $top; ++$row) {
            for ($column = 0; $column < self::GRID; ++$column) {
                $at = new Point(
                    $left + ($right - $left) * ($column + 0.5) / self::GRID,
                    $top + ($bottom - $top) * ($row + 0.5) / self::GRID,
                );
                $there = array_column($this->behind->at($at, $frame), 0);
                if (in_array($one->id, $there, true) && in_array($other->id, $there, true)) {
                    return $at;
                }
            }
        }

        return null;
    }
}
