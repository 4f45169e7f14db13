<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\PanelsGround;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Problem;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\Departures;
use Lupine\Core\Script\UnreadNumbers;
use Lupine\Core\Spoken\SaidFigure;
use Lupine\Core\Spoken\SaidFigures;
use Lupine\Core\Spoken\SaidOrder;
use Lupine\Core\Spoken\StatedNumbers;
use Lupine\Core\Story\BackdropOverTime;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Story\PanelOverTime;
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
    /** what columns are called that may hold percentages (common practice, no source) */
    private const SHARES = '/^(value( \d+)?)?$|%|\b(per ?cent|percentages?|shares?|parts?|proportion|split)\b/iu';

    /** parts of a whole beyond which they are hard to follow (common practice, no source) */
    private const MANY = 6;
    private const FEW = 5;

    /** @var list<int> frames, the last first */
    private array $looks;

    private ShownWords $words;

    private BackdropOverTime $backdrop;

    private Behind $behind;

    private Sightings $sightings;

    /**
     * @param Reel $reel of the whole piece
     * @param array<string, ChartTiming> $timings by chart id
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public function __construct(
        private Piece $piece,
        Reel $reel,
        private array $timings,
        private TextSetter $setter,
        ?\Closure $meanwhile = null,
    ) {
        $range = FrameRange::within($piece->stage->frames);
        $moves = new Moves($piece, new Beats($piece));
        $this->backdrop = BackdropOverTime::of($piece, $moves);
        $this->words = new ShownWords($reel);
        $this->behind = new Behind($piece->charts, $timings, array_map(
            static fn (ChartTiming $timing): array => $timing->presences($range),
            $timings,
        ));
        $panels = array_values(array_filter($piece->panels, static fn (Panel $panel): bool => !$panel->isHidden));
        $this->sightings = new Sightings(
            $piece,
            $timings,
            $this->words,
            $this->behind,
            $this->backdrop,
            new PanelsGround(
                array_map(static fn (Panel $panel): PanelOverTime => PanelOverTime::of($panel, $moves), $panels),
                new Box(0, 0, $piece->stage->width, $piece->stage->height),
                array_column($piece->pictures, null, 'id'),
            ),
            $moves,
            $meanwhile,
        );
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
            ...(new MarkChecks($this->piece, $this->timings, $this->looks))->checks(),
            ...$this->unnamed(),
            ...$this->unseen(),
            ...(new FontChecks($this->piece, $this->setter))->checks(),
            $this->captionsSlow(),
            ...$this->sightings->tooShort(self::QUICKEST),
            ...$this->saidInTime(),
            ...$this->asWritten(),
            ...$this->saidAsShown(),
            ...$this->statedOtherwise(),
            ...$this->sightings->checks('outside', 'All words are inside the stage.'),
            ...$this->sightings->checks('over', 'No words overlap.'),
            ...$this->sightings->checks('marks', 'No words stand on marks that are not theirs.'),
            ...$this->sightings->checks('cut', 'No words are cut off.'),
            ...$this->sightings->checks('small', 'All words are large enough to be read.'),
            ...$this->sightings->checks('contrast', 'All words have enough contrast.'),
            ...$this->chartsApart(),
        ];
    }

    /** @return list<Check> of pictures whose colours are not known */
    private function unseen(): array
    {
        $unseen = array_filter($this->piece->pictures, static fn (Picture $one): bool => $one->colourAt(0, 0) === null);

        return array_values(array_map(static fn (Picture $one): Check => Check::wrong(sprintf(
            'The colours of the picture “%s” are not known, so contrast on it is not measured. Add the picture again.',
            $one->name,
        )), $unseen));
    }

    private static function isNamedAtParts(Chart $chart): bool
    {
        return $chart->words->labels->show !== 'none' && $chart->words->labels->text !== 'reading';
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
                    fn (Problem $problem): bool => $problem->repairs !== [] && $problem->code !== 'only-one'
                        && ($problem->code !== 'near-hundred' || $this->couldBeShares($chart)),
                ),
            ),
        );
        $colours = new ColourChecks($this->piece, $timing, $this->backdrop, $chart->id);
        $count = count($timing->figures()->list);
        if ($count > self::MANY && !$timing->isOnScale) {
            $slips[] = Check::wrong(
                sprintf(
                    '%d parts are hard to tell apart; about five work well. Combine the small ones.',
                    $count,
                ),
                about: About::shown($chart->id)->with(Mending::combine($chart->id, self::FEW)),
            );
        }

        // Marks with a name at each need no colour to be told by; of a great many it has been said already.
        $isNamed = ($chart->words->names !== null || self::isNamedAtParts($chart))
            && $timing->figures()->seriesCount() < 2;
        $isOneLine = $timing->form->isJoined() && $timing->figures()->seriesCount() < 2;
        $isToldByColour = !$isNamed && !$isOneLine && $count >= 2 && $count <= 2 * self::MANY;

        return [
            ...$slips,
            ...$isToldByColour ? $colours->alike() : [],
            ...$count <= 4 * self::MANY ? $colours->onGround() : [],
        ];
    }

    /** Whether numbers without a sign may be percentages: a column called Hours says what they are. */
    private function couldBeShares(Chart $chart): bool
    {
        $table = $this->piece->table($chart->table);
        $column = $table->columnIndex($chart->column);
        $cells = implode(' ', array_map(static fn (Row $row): string => $row->cells[$column] ?? '', $table->rows));

        return str_contains($cells, '%') || preg_match(self::SHARES, trim($table->columns[$column]->name)) === 1;
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

                return [Check::wrong(
                    sprintf('The title still says “%s”.', Piece::UNNAMED),
                    $frame,
                    about: About::words($words->id),
                )];
            }
            if ($words->isGuessed && !$words->isHidden) {
                $message = 'The title “%s” was guessed from the table. Keep it, or type another.';

                return [Check::wrong(
                    sprintf($message, $words->shown()),
                    $this->looks[0],
                    about: About::words($words->id)->with(Mending::keep($words->id)),
                )];
            }
        }

        return [];
    }

    /**
     * Numbers in texts on the stage that none of the figures is.
     *
     * @param array<string, true> $told texts of which it is said already what they say otherwise
     *
     * @return list<Check>
     */
    private function statedNowhere(array $told): array
    {
        $nowhere = array_filter(
            StatedNumbers::nowhere($this->piece),
            static fn (array $one): bool => !isset($told[$one[0]->id]),
        );

        return array_map(
            fn (array $one): Check => Check::wrong(
                sprintf(
                    '“%s” in “%s” is nowhere in the figures. Is it meant?',
                    $one[1],
                    mb_strimwidth(trim($one[0]->text), 0, 60, '…'),
                ),
                $this->looks[0],
                about: About::words($one[0]->id),
            ),
            array_slice($nowhere, 0, self::NAMED),
        );
    }

    /** Captions stay long enough to be read. */
    private function captionsSlow(): Check
    {
        $stage = $this->piece->stage;
        foreach ($this->piece->captions === null ? [] : $this->piece->narration->captioned() as $line) {
            $seconds = (($line->end - $line->begin) * $stage->rateDenominator) / $stage->rateNumerator;
            $pace = mb_strlen(trim($line->text)) / $seconds;
            if ($pace > self::QUICKEST) {
                return Check::wrong(
                    sprintf(
                        'The caption “%s” shows for %.1f seconds: %d characters per second; %d is the comfortable limit. Show it longer or split it.',
                        mb_strimwidth($line->text, 0, 40, '…'),
                        $seconds,
                        (int) round($pace),
                        self::QUICKEST,
                    ),
                    $line->begin,
                    about: About::line($line->id)->with(Mending::longer(
                        $line->id,
                        (int) ceil(($line->end - $line->begin) * $pace / self::QUICKEST),
                    )),
                );
            }
        }

        return Check::right('Captions stay up long enough to read.');
    }

    /**
     * Lines that the film does not last for.
     *
     * @return list<Check>
     */
    private function saidInTime(): array
    {
        $frames = $this->piece->stage->frames;
        $last = max([0, ...array_map(
            static fn (ScriptLine $line): int => $line->end,
            $this->piece->narration->lines,
        )]);
        $late = [];
        foreach ($this->piece->narration->lines as $line) {
            if ($line->end > $frames) {
                $message = $line->begin >= $frames
                    ? 'The film has ended when “%s” is said.'
                    : 'The film ends before “%s” has been said.';
                $late[] = Check::wrong(
                    sprintf($message, mb_strimwidth(trim($line->text), 0, 60, '…')),
                    min($line->begin, $frames - 1),
                    about: About::line($line->id)->with(Mending::lengthen($last)),
                );
            }
        }

        return array_slice($late, 0, self::NAMED);
    }

    /**
     * The recording in use says what is written, as far as listening to it can tell.
     *
     * @return list<Check>
     */
    private function asWritten(): array
    {
        $checks = array_map(
            static fn (Departure $one): Check => Check::wrong($one->message, $one->begin),
            Departures::of($this->piece),
        );
        $recording = $this->piece->narration->inUse;
        // A made voice says what it was given, and times alone say nothing: nobody listened to them.
        $isHeard = $recording?->sound !== null && $recording->scratch === null && $recording->heard !== [];

        return $checks === [] && $isHeard
            ? [Check::right('Nothing was heard that is not written, and nothing written was found missing.')]
            : $checks;
    }

    /**
     * What the narrator says of figures is what they are when it is said.
     *
     * @return list<Check>
     */
    private function saidAsShown(): array
    {
        $checks = [];
        $shown = array_map(
            static fn (ChartTiming $timing): \Closure => $timing->story->shownFigures(...),
            $this->timings,
        );
        $all = SaidFigures::of($this->piece, $shown);
        foreach ($all as $said) {
            $line = $this->piece->line($said->line);
            $early = $line === null ? null : $this->beforeItIsThere($said, $line);
            if ($early !== null) {
                $checks[] = $early;
            }
            if ($said->state !== SaidFigure::DIFFERS || $line === null) {
                continue;
            }
            $words = array_slice(Beats::split($line->text), $said->from, $said->to - $said->from);
            $spoken = trim(implode(' ', $words), ' ,.;:!?');
            $checks[] = Check::wrong(
                sprintf(
                    'The narrator says “%s” for %s%s; the table has %s.',
                    $spoken,
                    $said->label,
                    $spoken === $said->said ? '' : sprintf(', which means %s', $said->said),
                    $said->is,
                ),
                (new Beats($this->piece))->words($line)[$said->from]->frame,
                about: About::line($line->id),
            );
        }

        $nowhere = array_slice(StatedNumbers::saidNowhere($this->piece, $all), 0, self::NAMED);
        foreach ($nowhere as [$line, $words, $place]) {
            $message = 'The narrator’s “%s” is nowhere in the figures. Is it meant?';
            $frame = (new Beats($this->piece))->words($line)[$place]->frame;
            $checks[] = Check::wrong(sprintf($message, $words), $frame);
        }
        foreach ($this->piece->narration->lines as $line) {
            foreach ($this->orderOff($line) as [$clause, $is]) {
                $message = sprintf('The narrator says “%s”; %s.', $clause, $is);
                $checks[] = Check::wrong($message, $line->begin, about: About::line($line->id));
            }
            $words = Beats::split($line->text);
            foreach (UnreadNumbers::in($words) as $place) {
                $message = 'The narrator’s “%s” is not understood. Write it as 12.5, as 1,000 or in words.';
                $frame = (new Beats($this->piece))->words($line)[$place]->frame;
                $sign = trim($words[$place], ' ,.;:!?');
                $checks[] = Check::wrong(sprintf($message, $sign), $frame, about: About::line($line->id));
            }
        }

        return $checks !== [] ? $checks : [Check::right('The narration matches the figures.')];
    }

    /** A number that is said of a mark which comes in when the line has long been said. */
    private function beforeItIsThere(SaidFigure $said, ScriptLine $line): ?Check
    {
        if ($said->figure === null || $said->said === '') {
            return null;
        }
        $stage = $this->piece->stage;
        $timing = $this->timings[$said->chart];
        $second = (int) round($stage->rateNumerator / $stage->rateDenominator);
        $last = $stage->frames - 1;
        $isThere = fn (int $frame): bool => abs($timing->amounts->drawnAt($said->figure, min($frame, $last))[0]) > 0;
        // What is there at some time of the line, or soon after it, is there in time.
        foreach ([$line->begin, intdiv($line->begin + $line->end, 2), $line->end, $line->end + $second] as $frame) {
            if ($isThere($frame)) {
                return null;
            }
        }
        for ($frame = $line->end + $second; $frame < $stage->frames; ++$frame) {
            if ($isThere($frame)) {
                $message = 'The narrator says %s of %s, which comes in on frame %d, more than a second later.';

                return Check::wrong(sprintf($message, $said->said, $said->label, $frame), $line->begin);
            }
        }

        return null;
    }

    /**
     * What is said of figures without a number, and is so at no moment of a line.
     *
     * @return list<array{string, string}>
     */
    private function orderOff(ScriptLine $line): array
    {
        if (!SaidOrder::isSaid($line->text)) {
            return [];
        }
        $last = $this->piece->stage->frames - 1;
        $moments = [];
        foreach (array_unique([min($line->begin, $last), min($line->end, $last)]) as $frame) {
            foreach ([0, 1] as $way) {
                $figures = array_map(static function (ChartTiming $timing) use ($frame, $way): Figures {
                    $shown = $timing->story->shownFigures($frame);

                    return $shown[$way] ?? $shown[0];
                }, $this->timings);
                $moments[] = array_column(SaidOrder::wrong($line->text, $figures), 1, 0);
            }
        }
        $off = [];
        foreach (array_intersect_key(...$moments) as $clause => $is) {
            $off[] = [(string) $clause, $is];
        }

        return $off;
    }

    /**
     * What texts on the stage say of figures that they name.
     *
     * @return list<Check>
     */
    private function statedOtherwise(): array
    {
        $checks = $told = [];
        $last = $this->piece->stage->frames - 1;
        $shown = array_map(
            static fn (ChartTiming $timing): \Closure => $timing->story->shownFigures(...),
            $this->timings,
        );
        foreach ($this->piece->words as $words) {
            if ($words->isHidden || $words->role === 'source') {
                continue;
            }
            $line = ScriptLine::ofText($words, 0, $last);
            $name = mb_strimwidth(trim($words->text), 0, 60, '…');
            foreach ($this->orderOff($line) as [, $is]) {
                $message = sprintf('“%s” stands on the stage; %s.', $name, $is);
                $checks[] = Check::wrong($message, $last, about: About::words($words->id));
            }
            foreach (SaidFigures::inText($this->piece, $shown, $line) as $said) {
                if ($said->state === SaidFigure::DIFFERS) {
                    $message = '“%s” says %s of %s; the table says %s.';
                    $message = sprintf($message, $name, $said->said, $said->label, $said->is);
                    $checks[] = Check::wrong($message, $last, about: About::words($words->id));
                    $told[$words->id] = true;
                }
            }
        }

        return [...$checks, ...$this->statedNowhere($told)];
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
                            About::arrangement(),
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
            $extent = $timing->layouts->at($frame)->extent();
            $corners = array_map(
                static fn (array $at): Point => $timing->whole->onStage(new Point(...$at), $frame),
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
