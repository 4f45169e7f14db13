<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\Shape;
use Lupine\Core\Form\Spread;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\Ground;
use Lupine\Core\Lettering\LabelPlan;
use Lupine\Core\Lettering\PartInk;
use Lupine\Core\Lettering\WordBoxes;
use Lupine\Core\Lettering\WordSizes;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** The labels of a chart's marks: on them or along them where they fit, else beside them or at their ends. */
final readonly class DrawLabels
{
    /** contrast from which on words stand out from the backdrop (WCAG 2.2, 1.4.3: large type) */
    private const CONTRAST = 3.0;

    /** the line to a label: its width and its room before the words as multiples of their size, its opacity */
    private const LINE = 0.06;
    private const BEFORE = 0.3;
    private const FAINT = 0.75;

    /** part of its coming in which a label comes that waits for all of its part */
    private const LAST = 0.1;

    /** how many times as quick as its part a label comes that it has arrived under */
    private const QUICKLY = 6;

    private TextSetter $setter;
    private WordSizes $sizes;

    /** @param array<string, Track<string>> $readings by figure id */
    public function __construct(
        private Chart $chart,
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private array $readings,
        private DrawTexts $texts,
        private Ground $ground,
    ) {
        $this->setter = $texts->setter;
        $this->sizes = new WordSizes($chart, $timing, $this->setter);
    }

    /** @return array<string, GroupNode> by figure id */
    public function draw(): array
    {
        if ($this->chart->words->labels->show === 'none') {
            return [];
        }
        $boxes = new WordBoxes($this->chart, $this->timing, $this->setter);
        $plan = new LabelPlan($this->chart, $this->timing, $this->sizes, $this->ground, $boxes);
        $labels = [];
        foreach ($plan->ways as $id => $way) {
            $id = (string) $id;
            $label = match ($way) {
                'on' => $this->labelOn($id),
                'along' => $this->labelAlong($id),
                default => $plan->isThere($id) ? $this->labelBeside($id, $plan) : null,
            };
            if ($label !== null) {
                $labels[$id] = $this->clear($id, $this->asTold($id, $label));
            }
        }

        return $labels;
    }

    private function labelOn(string $id): GroupNode
    {
        $style = $this->styleOn($id);
        $shapes = $this->shapes->shapes[$id];
        $place = $shapes->map(static fn (Shape $shape): Point => $shape->middle());
        [$width, $height] = $this->sizes->label($id);
        $align = $this->align('middle');

        return new GroupNode(
            Role::Label,
            [
                ...$this->texts->plate($this->set($style), $place->map(
                    static fn (Point $at): Box => Box::around($at, $width, $height),
                ), $id),
                ...$this->lines($id, $style, self::sided($place, $align, $width), $align),
            ],
            $this->whereItFits($id, static fn (Shape $shape): bool => $shape->holds(
                $shape->middle(),
                $width,
                $height,
                LabelPlan::MARGIN,
            )),
            $this->grown($id, $place),
            of: $id,
        );
    }

    /** Turned as its mark runs. */
    private function labelAlong(string $id): GroupNode
    {
        $shapes = $this->shapes->shapes[$id];
        [$width, $height] = $this->sizes->label($id);
        $middle = $shapes->map(static fn (Shape $shape): Point => $shape->along()->middle ?? $shape->middle());
        $first = $middle->at($this->shapes->range->from);
        $align = $this->align('middle');
        $pose = new Pose(
            $first,
            $middle->map(static fn (Point $at): float => $at->x - $first->x),
            $middle->map(static fn (Point $at): float => $at->y - $first->y),
            $this->timing->ofLabel($id, 'size')->track($this->shapes->range),
            $shapes->map(static fn (Shape $shape): float => $shape->along()->degrees ?? 0.0),
        );

        return new GroupNode(
            Role::Label,
            [
                ...$this->texts->plate(
                    $this->set($this->styleOn($id)),
                    Track::constant(Box::around($first, $width, $height)),
                    $id,
                ),
                ...$this->lines($id, $this->styleOn($id), self::sided(Track::constant($first), $align, $width), $align),
            ],
            $this->whereItFits($id, static fn (Shape $shape): bool => $shape->along()?->holds(
                $width,
                $height,
                LabelPlan::MARGIN,
            ) === true),
            $pose,
            of: $id,
        );
    }

    /** While figures pass each other, the label of the smaller one steps back. */
    private function clear(string $id, GroupNode $label): GroupNode
    {
        $isBeside = $this->shapes->first()->axes() === Axes::ScaleUpright;
        $clear = $this->timing->clear($id, $label->opacity, $this->shapes->range, $isBeside);

        return $clear === $label->opacity
            ? $label
            : $label->seenAs($clear);
    }

    /** A label that was told when to come does so whatever its part does; both leave when the part leaves. */
    private function asTold(string $id, GroupNode $label): GroupNode
    {
        $moves = $this->timing->moves[$id];
        $told = $moves->label;
        if ($told === null) {
            return $label;
        }
        [$range, $presence] = [$this->shapes->range, $this->shapes->presences[$id]];
        $usual = $label->opacity ?? Track::constant(1.0);
        $seen = $this->timing->ofLabel($id, 'opacity');
        $leaving = static fn (int $frame): float => $moves->exit === null || $frame < $moves->exit->begin
            ? 1.0
            : min(1.0, $presence->at($frame)->amount * self::QUICKLY);

        return $label->seenAs(Track::of(
            [$range->from, ...$usual->changes, ...$presence->changes, ...$told->changes($range)],
            static fn (int $frame): float => round(
                $told->amountAt($frame) * $seen->at($frame)
                    * ($told->entrance === null ? $usual->at($frame) : $leaving($frame)),
                4,
            ),
        ));
    }

    /** The shape of a mark once everything has come and changed. */
    private function finalShape(string $id): Shape
    {
        return $this->shapes->end->shape($id, Presence::full(), $this->timing->finalOut($id));
    }

    /** The colour of a part, as much of it as there is on what is behind it. */
    private function partBehind(string $id): Colour
    {
        $part = Colour::hex($this->timing->colours[$id]);
        $much = $this->chart->coatsOf($id)->ground()->leastOpacity();
        $ground = $much < 1 ? $this->ground->colourAt($this->finalShape($id)->middle()) : null;

        return $ground === null ? $part : $ground->mixedWith($part, $much);
    }

    /** @param string $usual as its mark has it */
    private function align(string $usual): string
    {
        $labels = $this->chart->words->labels;

        return $labels->text !== 'both' || $labels->align === 'marks' ? $usual : $labels->align;
    }

    /**
     * @param Track<Point> $middle of a label
     *
     * @return Track<Point> of the side that its lines are aligned to
     */
    private static function sided(Track $middle, string $align, float $wide): Track
    {
        $by = match ($align) {
            'left' => -$wide / 2,
            'right' => $wide / 2,
            default => 0.0,
        };

        return $by === 0.0 ? $middle : $middle->map(static fn (Point $at): Point => new Point($at->x + $by, $at->y));
    }

    private function styleOn(string $id): TextStyle
    {
        $style = $this->sizes->style($id);
        $part = $this->partBehind($id);
        $behind = $this->texts->plates->behind($style->plate, $part, $style->size) ?? $part;

        return match (true) {
            $this->sizes->own($id)?->colour !== null => $style,
            $style->isOfPart => PartInk::on($style, $this->timing->colours[$id], $behind),
            default => $style->withColour($behind->textOn($style->colour)),
        };
    }

    /**
     * A label on its part comes only when that has arrived under it, unless the chart says otherwise.
     *
     * @param \Closure(Shape): bool $fits
     *
     * @return Track<float>
     */
    private function whereItFits(string $id, \Closure $fits): Track
    {
        if ($this->chart->words->labels->comes !== 'under') {
            return $this->asItComes($id);
        }
        $shapes = $this->shapes->shapes[$id];
        $presence = $this->shapes->presences[$id];

        return Track::of(
            $shapes->changes,
            static fn (int $frame): float => $presence->at($frame)->amount > 0 && $fits($shapes->at($frame))
                ? 1.0
                : 0.0,
        );
    }

    /**
     * How much of a label is there that does not lie on its part: from when the part has come to its own middle, where
     * the label stands; at its tip it is there from the beginning.
     *
     * @return Track<float>
     */
    private function asItComes(string $id, bool $isAtMiddle = false): Track
    {
        $presence = $this->shapes->presences[$id];
        $comes = $this->chart->words->labels->comes;
        if ($comes === 'end') {
            return $presence->map(static fn (Presence $there): float => round(
                max(0.0, 1.0 - max(0.0, 1.0 - $there->amount) / self::LAST),
                4,
            ));
        }
        $begun = DrawChartWords::fadeIn($presence);

        return $comes === 'begin' || !$isAtMiddle ? $begun : Track::combine(
            [$begun, $presence->map(static fn (Presence $there): float => $there->beyondMiddle())],
            static fn (array $both): float => $both[0] * round(min(1.0, $both[1] * self::QUICKLY), 4),
        );
    }

    private function labelBeside(string $id, LabelPlan $plan): GroupNode
    {
        $style = $this->sizes->style($id)->times($plan->factor);
        [$width, $height] = $this->sizes->label($id);
        $clear = $this->sizes->clear($id);
        $isAtEnd = $plan->spread === Spread::Stay;
        $shapes = $isAtEnd ? $this->shapes->shapes[$id] : $this->shapes->fulls[$id];
        $alone = $shapes->map(static fn (Shape $shape): Point => $shape->beside($clear, $width, $height));
        $place = $this->shifted($id, $alone, $plan);
        [$wide, $high] = [$width * $plan->factor, $height * $plan->factor];
        $end = $this->finalShape($id);
        $rim = $end->rim();
        $isAside = abs($rim->x) > 0.3 && !($isAtEnd && abs($rim->y) > 0.7) && $plan->spread !== Spread::Rows;
        $align = $this->align(!$isAside ? 'middle' : ($rim->x > 0 ? 'left' : 'right'));
        $shift = $plan->shift($id, array_key_last($this->timing->story->states));
        $there = $end->beside($clear, $width, $height);
        $finally = new Point($there->x + $shift->x, $there->y + $shift->y);
        $at = self::sided($place, $align, $wide);
        $boxes = $place->map(static fn (Point $at): Box => Box::around($at, $wide, $high));
        $nodes = [
            ...$this->texts->plate($this->set($style), $boxes, $id),
            ...$this->lines($id, $this->styleBeside($id, $style, $finally), $at, $align),
        ];
        $plate = $style->plate;
        if ($plan->hasLeader($id)) {
            $margin = $style->size * ($plate->padding ?? self::BEFORE);
            [$half, $over] = [$wide / 2 + $margin, $high / 2 + $margin];
            array_unshift($nodes, $this->leader($id, $shapes, $place, $half, $over, $style, $plan));
        }

        return new GroupNode(
            Role::Label,
            $nodes,
            $this->asItComes($id, !$isAtEnd),
            $this->grown($id, $place),
            of: $id,
        );
    }

    /**
     * Its size where it stands out or pops up, about its own middle, and how far below its place it rises from.
     *
     * @param Track<Point> $place
     */
    private function grown(string $id, Track $place): ?Pose
    {
        [$size, $down] = [$this->timing->ofLabel($id, 'size'), $this->timing->ofLabel($id, 'y')];
        if ($size->isStill() && $down->isStill()) {
            return null;
        }
        $range = $this->shapes->range;
        $pivot = $place->at($range->from);
        $frames = [$range->from, ...$place->changes, ...$size->changes($range), ...$down->changes($range)];
        $far = static fn (int $frame, float $at, float $from): float => (1 - $size->at($frame)) * ($at - $from);

        return new Pose(
            $pivot,
            Track::of($frames, static fn (int $frame): float => $far($frame, $place->at($frame)->x, $pivot->x)),
            Track::of(
                $frames,
                static fn (int $frame): float => $far($frame, $place->at($frame)->y, $pivot->y) + $down->at($frame),
            ),
            $size->track($range),
            Track::constant(0.0),
        );
    }

    /**
     * Where it stands: as far from where it would stand alone as its place in each state says, and on the way between.
     *
     * @param Track<Point> $alone
     *
     * @return Track<Point>
     */
    private function shifted(string $id, Track $alone, LabelPlan $plan): Track
    {
        $states = array_keys($this->timing->story->states);
        $shifts = array_map(static fn (int $state): Point => $plan->shift($id, $state), $states);
        if (count($shifts) === 1) {
            return $shifts[0]->x === 0.0 && $shifts[0]->y === 0.0
                ? $alone
                : $alone->map(
                    static fn (Point $at): Point => new Point($at->x + $shifts[0]->x, $at->y + $shifts[0]->y),
                );
        }
        $changes = [...$alone->changes, ...$this->timing->story->changes($this->shapes->range)];

        $between = $this->timing->story->between(...);

        return Track::of($changes, static fn (int $frame): Point => new Point(
            $alone->at($frame)->x + $between($frame, static fn (int $state): float => $shifts[$state]->x),
            $alone->at($frame)->y + $between($frame, static fn (int $state): float => $shifts[$state]->y),
        ));
    }

    /** Light or dark, where the colour that it has would not stand out. */
    private function styleBeside(string $id, TextStyle $style, Point $at): TextStyle
    {
        if ($this->sizes->own($id)?->colour !== null) {
            return $style;
        }
        $behind = $this->texts->plates->behind($style->plate, $this->ground->colourAt($at), $style->size);
        if ($style->isOfPart) {
            return PartInk::on($style, $this->timing->colours[$id], $behind);
        }
        $stands = $behind === null || $behind->contrastWith(Colour::hex($style->colour)) >= self::CONTRAST;

        return $stands ? $style : $style->withColour($behind->textOn($style->colour));
    }

    /**
     * A line from the mark, out of it first, and then to the near side of the words.
     *
     * @param Track<Shape> $shapes
     * @param Track<Point> $place
     */
    private function leader(
        string $id,
        Track $shapes,
        Track $place,
        float $half,
        float $over,
        TextStyle $style,
        LabelPlan $plan,
    ): PathNode {
        $out = $plan->elbowOut($id);
        $line = function (int $frame) use ($shapes, $place, $half, $over, $out, $plan): string {
            $middle = $place->at($frame);
            $rim = $shapes->at($frame)->rim()->toward($middle);
            $elbow = $rim->out($out);
            $isAside = $plan->spread === Spread::Sides && abs($middle->x - $rim->at->x) > $half;
            $end = $isAside
                ? new Point($middle->x - ($middle->x > $elbow->x ? $half : -$half), $middle->y)
                : new Point($middle->x, $middle->y - ($middle->y > $elbow->y ? $over : -$over));

            return sprintf(
                'M%s %sL%s %sL%s %s',
                ...array_map(
                    static fn (float $part): string => Decimal::of($part, 3),
                    [$rim->at->x, $rim->at->y, $elbow->x, $elbow->y, $end->x, $end->y],
                ),
            );
        };

        return new PathNode(
            Track::of([...$shapes->changes, ...$place->changes], $line),
            new FlatPaint($this->chart->words->labels->style->colour),
            self::FAINT,
            stroke: new Stroke(max(1.5, $style->size * self::LINE), 'round'),
        );
    }

    /**
     * @param Track<Point> $place the middle of the label, or of its side
     *
     * @return list<Node>
     */
    private function lines(string $id, TextStyle $style, Track $place, string $align): array
    {
        $kind = $this->sizes->kind($id);
        $x = $place->map(static fn (Point $point): float => $point->x);
        $cap = $this->setter->capHeight($style);
        $nodes = [];
        if ($kind !== 'reading') {
            $small = $kind === 'both' ? $style->times(WordSizes::OVER) : $style;
            $shift = $kind === 'both' ? -$cap * 0.35 : $cap / 2;
            $nodes[] = $this->texts->line(
                $this->sizes->text($id),
                $this->set($small),
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
                $id,
            );
        }
        if ($kind !== 'label') {
            $shift = $kind === 'both' ? $cap * 1.15 : $cap / 2;
            $nodes[] = $this->texts->reading(
                $this->readings[$id],
                $this->set($style),
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
                $id,
            );
        }

        return $nodes;
    }

    /** @return Track<TextStyle> as moves change it */
    private function set(TextStyle $style): Track
    {
        return $this->timing->styles->track('labels', $style, $this->shapes->range);
    }
}
