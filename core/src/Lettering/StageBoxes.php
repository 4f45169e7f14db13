<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\Surroundings;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextBlock;
use Lupine\Core\Words\TextSetter;

/** What everything on the stage takes of it when all of it is there. */
final readonly class StageBoxes
{
    /** EBU R 95: 5 % for graphics and titles; and what is kept clear of the very edge */
    private const SAFE = 0.05;
    private const EDGE = 0.015;

    /** @param array<string, ChartTiming> $timings by chart id */
    public function __construct(private Piece $piece, private array $timings, private TextSetter $setter)
    {
    }

    /** What a chart stands among. */
    public function ground(Chart $chart): Ground
    {
        $stage = $this->piece->stage;
        $within = static fn (float $part): Box => new Box(
            $part * $stage->width,
            $part * $stage->height,
            (1 - 2 * $part) * $stage->width,
            (1 - 2 * $part) * $stage->height,
        );
        $obstacles = $this->captions();
        foreach ($this->piece->words as $words) {
            if (!$words->isHidden && trim($words->text) !== '') {
                $obstacles[] = $this->words($words);
            }
        }
        // Charts that share an axis stand in one place, and their words among each other's marks.
        $shared = SharedAxes::of($this->piece);
        $axis = static fn (Chart $one): string => $shared[$one->id] ?? $one->id;
        foreach ($this->piece->charts as $other) {
            if ($other->isHidden) {
                continue;
            }
            if ($axis($other) !== $axis($chart)) {
                $obstacles[] = $this->chart($other);
            }
            array_push($obstacles, ...$this->legend($other));
        }

        return new Ground(
            $this->piece,
            new Surroundings($within(self::EDGE), $within(self::SAFE), $obstacles),
        );
    }

    /**
     * @param string $key the id of a chart or a text, `legend-` and a chart's id, `all` or `stage`
     *
     * @return Box|null null where there is no such thing to be seen
     */
    public function of(string $key): ?Box
    {
        if ($key === Panel::STAGE) {
            return new Box(0, 0, $this->piece->stage->width, $this->piece->stage->height);
        }
        $found = [];
        foreach (array_filter($this->piece->charts, static fn (Chart $one): bool => !$one->isHidden) as $chart) {
            if ($key === $chart->id || $key === Panel::ALL) {
                $found[] = $this->chart($chart);
            }
            if ($key === 'legend-'.$chart->id || $key === Panel::ALL) {
                array_push($found, ...$this->legend($chart));
            }
        }
        foreach ($this->piece->words as $words) {
            if (($key === $words->id || $key === Panel::ALL) && !$words->isHidden && trim($words->text) !== '') {
                $found[] = $this->words($words);
            }
        }

        return $found === [] ? null : Box::joined($found);
    }

    public function words(FreeText $words): Box
    {
        $block = TextBlock::of($this->setter, $words->shown(), $words->style, $words->width);
        $left = $words->x - $block->width * match ($words->align) {
            'left' => 0.0,
            'right' => 1.0,
            default => 0.5,
        };

        return new Box($left, $words->y - $block->capHeight, $block->width, $block->height());
    }

    private function chart(Chart $chart): Box
    {
        $extent = $this->timings[$chart->id]->layouts->of(0)->extent();
        $place = $chart->place;
        $middle = $extent->middle();

        return Box::around(
            new Point(
                $place->x + ($middle->x - $place->x) * $place->size,
                $place->y + ($middle->y - $place->y) * $place->size,
            ),
            $extent->width * $place->size,
            $extent->height * $place->size,
        );
    }

    /** @return list<Box> */
    private function legend(Chart $chart): array
    {
        $legend = $chart->words->legend;
        if ($legend === null) {
            return [];
        }
        $plan = LegendPlan::of($legend, $this->timings[$chart->id], $this->setter);

        return [new Box($legend->x, $legend->y - $legend->style->size / 2, $plan->breadth(), $plan->height())];
    }

    /** @return list<Box> as high as the longest line of the script makes them */
    private function captions(): array
    {
        $captions = $this->piece->captions;
        $lines = $this->piece->narration->captioned();
        if ($captions === null || $lines === []) {
            return [];
        }
        $all = [];
        foreach ($lines as $line) {
            $block = TextBlock::of($this->setter, $line->text, $captions->style, $captions->width);
            $middle = new Point($this->piece->stage->width / 2, $captions->y - $block->height() / 2);
            $all[] = Box::around($middle, $block->width, $block->height());
        }

        return [Box::joined($all)];
    }
}
