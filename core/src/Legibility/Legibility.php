<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Drawing\BackdropOverTime;
use Lupine\Core\Drawing\ChartTiming;
use Lupine\Core\Drawing\Ground;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
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
    /** frames that are looked at, evenly spaced */
    private const LOOKS = 14;
    /** pixels by which boxes of words may meet */
    private const MEET = 3.0;
    /** WCAG 2.2, 1.4.3: contrast of large type, and of other; what is large, in pixels */
    private const LARGE_CONTRAST = 3.0;
    private const CONTRAST = 4.5;
    private const LARGE = 24.0;
    /** distance in OKLab below which two colours are hard to tell apart (common practice, no source) */
    private const ALIKE = 0.045;
    /** parts of a whole beyond which they are hard to follow (common practice, no source) */
    private const MANY = 6;

    /** @var array<int, list<ShownWord>> by frame */
    private array $looks;

    private ShownWords $words;

    private BackdropOverTime $backdrop;

    /** @var array<string, array<string, Track<Presence>>> by chart and figure */
    private array $presences;

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
        $this->presences = array_map(
            static fn (ChartTiming $timing): array => $timing->presences($range),
            $timings,
        );
        $this->backdrop = BackdropOverTime::of($piece, new Moves($piece, new Beats($piece)));
        $this->words = $words = new ShownWords($reel);
        $last = $piece->stage->frames - 1;
        $looks = [];
        for ($look = self::LOOKS; $look > 0; --$look) {
            $frame = (int) round(($last * $look) / self::LOOKS);
            $looks[$frame] = $words->at($frame);
        }
        $this->looks = $looks;
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
            $this->saidAsShown(),
            $this->insideStage(),
            $this->apart(),
            $this->uncut(),
            $this->contrasts(),
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

        return [...$slips, ...$isToldByColour ? [$this->colours($timing)] : []];
    }

    /** Marks that follow one another and look alike, to any common kind of colour vision. */
    private function colours(ChartTiming $timing): Check
    {
        $colours = [];
        foreach ($timing->layoutAt(0)->order() as $id) {
            $colours[$id] = $timing->colours[$id];
        }
        $ids = array_keys($colours);
        foreach (ColourVision::cases() as $vision) {
            foreach (array_slice($ids, 1) as $place => $id) {
                [$one, $other] = [$ids[$place], $id];
                $far = Colour::hex($colours[$one])->seenWith($vision)
                    ->distanceTo(Colour::hex($colours[$other])->seenWith($vision));
                if ($far < self::ALIKE) {
                    $names = array_map(
                        static fn (string $figure): string => '“'.$timing->figure($figure)->fullLabel().'”',
                        [$one, $other],
                    );

                    return Check::wrong(
                        sprintf('%s and %s look alike to %s.', $names[0], $names[1], $vision->people()),
                        $this->piece->stage->frames - 1,
                    );
                }
            }
        }

        return Check::right('Marks beside each other can be told apart, whatever colours one sees.');
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
                $frame = array_key_first($this->looks);

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

    /** What the narrator says of a figure is what the table says. */
    private function saidAsShown(): Check
    {
        $figures = array_map(static fn (ChartTiming $timing): Figures => $timing->figures(), $this->timings);
        foreach (SaidFigures::of($this->piece, $figures) as $said) {
            $line = $this->piece->line($said->line);
            if ($said->state !== SaidFigure::DIFFERS || $line === null) {
                continue;
            }
            $words = array_slice(Beats::split($line->text), $said->from, $said->to - $said->from);

            return Check::wrong(
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

        return Check::right('What the narrator says is what the figures are.');
    }

    private function insideStage(): Check
    {
        [$width, $height] = [$this->piece->stage->width, $this->piece->stage->height];
        foreach ($this->looks as $frame => $words) {
            foreach ($words as $word) {
                $box = $word->box;
                if ($word->isNear) {
                    continue;
                }
                if ($box->left < -1 || $box->top < -1 || $box->right() > $width + 1 || $box->bottom() > $height + 1) {
                    return Check::wrong(sprintf('%s runs over the edge of the stage.', $word->named()), $frame, $box);
                }
            }
        }

        return Check::right('All words stand inside the stage.');
    }

    private function apart(): Check
    {
        $last = array_key_first($this->looks);
        foreach ($this->looks as $frame => $words) {
            // Figures that are just changing places pass each other, and so do their words.
            if ($frame !== $last && $this->isRearranging($frame)) {
                continue;
            }
            foreach ($words as $place => $word) {
                foreach (array_slice($words, $place + 1) as $other) {
                    if ($word->over($other) > self::MEET) {
                        return Check::wrong(
                            sprintf('%s and %s stand over each other.', $word->named(), $other->named()),
                            $frame,
                            $word->box->joinedWith($other->box),
                        );
                    }
                }
            }
        }

        return Check::right('No words stand over others.');
    }

    private function isRearranging(int $frame): bool
    {
        foreach ($this->timings as $timing) {
            if ($timing->isRearrangingAt($frame)) {
                return true;
            }
        }

        return false;
    }

    private function uncut(): Check
    {
        foreach ($this->looks as $frame => $words) {
            foreach ($words as $word) {
                if (str_ends_with($word->text, '…') && !$this->isTyped($word->text)) {
                    return Check::wrong(sprintf('%s is cut short.', $word->named()), $frame, $word->box);
                }
            }
        }

        return Check::right('No words are cut short.');
    }

    private function isTyped(string $text): bool
    {
        foreach ($this->piece->tables as $table) {
            foreach ($table->rows as $row) {
                if ($row->label === $text) {
                    return true;
                }
            }
        }
        foreach ([...$this->piece->words, ...$this->piece->narration->lines] as $typed) {
            if (str_ends_with(trim($typed->text), '…')) {
                return true;
            }
        }

        return false;
    }

    private function contrasts(): Check
    {
        $last = array_key_first($this->looks);
        foreach ($this->looks as $frame => $words) {
            if ($frame !== $last && $this->isRearranging($frame)) {
                continue;
            }
            $marks = $this->marksAt($frame);
            foreach ($words as $word) {
                $behind = $this->behind($word, $marks, $frame);
                $wanted = $word->size >= self::LARGE ? self::LARGE_CONTRAST : self::CONTRAST;
                if ($word->opacity < 0.9 || $behind === null || $word->isNear) {
                    continue;
                }
                $contrast = Colour::hex($word->colour)->contrastWith($behind);
                if ($contrast < $wanted) {
                    return Check::wrong(
                        sprintf(
                            '%s stands out too little from what is behind it: %.1f to 1, where %.1f is wanted.',
                            $word->named(),
                            $contrast,
                            $wanted,
                        ),
                        $frame,
                        $word->box,
                    );
                }
            }
        }

        return Check::right('Words stand out from what is behind them.');
    }

    /** @return list<array{Box, list<array{Shape, string}>}> what a chart's marks lie in, and each with its colour */
    private function marksAt(int $frame): array
    {
        $all = [];
        foreach ($this->timings as $chart => $timing) {
            $layout = $timing->layoutAt($frame);
            $there = $this->presences[$chart];
            $marks = [];
            foreach (isset($this->hidden()[$chart]) ? [] : $timing->figures()->list as $figure) {
                $shape = $layout->shape($figure->id, $there[$figure->id]->at($frame), 0.0);
                $marks[] = [$shape, $timing->colours[$figure->id]];
            }
            $all[] = [$layout->extent(), $marks];
        }

        return $all;
    }

    /** @return array<string, true> charts that are left out of the picture */
    private function hidden(): array
    {
        $hidden = array_filter($this->piece->charts, static fn (Chart $chart): bool => $chart->isHidden);

        return array_fill_keys(array_map(static fn (Chart $chart): string => $chart->id, $hidden), true);
    }

    /**
     * The mark that a text stands on, or the backdrop; null where that is not known.
     *
     * @param list<array{Box, list<array{Shape, string}>}> $all marks of each chart
     */
    private function behind(ShownWord $word, array $all, int $frame): ?Colour
    {
        $middle = $word->box->middle();
        foreach ($this->piece->charts as $chart) {
            if ($word->isReading && $chart->words->labelPlate !== null) {
                return Colour::hex($chart->words->labelPlate);
            }
        }
        foreach ($all as [$extent, $marks]) {
            foreach ($extent->holds($middle, 1, 1, 0) ? $marks : [] as [$shape, $colour]) {
                if ($shape->holds($middle, 1, 1, 0)) {
                    return Colour::hex($colour);
                }
            }
        }

        $stage = $this->piece->stage;

        return Ground::ofBackdrop($this->backdrop->at($frame), $middle, $stage->width, $stage->height);
    }
}
