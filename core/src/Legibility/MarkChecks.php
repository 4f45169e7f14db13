<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/** Marks that show less than their figures: too thin to be seen, or cut by the edge of the stage. */
final readonly class MarkChecks
{
    /** pixels of the stage that a mark is wide at least, to be seen (common practice, no source) */
    private const THIN = 0.5;

    /** pixels by which a mark may be over the edge */
    private const OVER = 2.0;

    /** marks that are named one by one, and those of a chart that are looked at */
    private const NAMED = 8;
    /** of the looks, every third is enough to see whether a mark is ever inside */
    private const EVERY = 3;
    private const MANY = 200;

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param list<int> $looks frames, the last first
     */
    public function __construct(private Piece $piece, private array $timings, private array $looks)
    {
    }

    /** @return list<Check> */
    public function checks(): array
    {
        $thin = $cut = [];
        foreach ($this->piece->charts as $chart) {
            $timing = $this->timings[$chart->id];
            if ($chart->isHidden || count($timing->figures()->list) > self::MANY) {
                continue;
            }
            // Lines are as wide as they are drawn, whatever they show.
            array_push($thin, ...$timing->form->isJoined() ? [] : $this->thin($chart, $timing));
            array_push($cut, ...$this->cut($chart, $timing));
        }

        return [
            ...$thin === [] ? [Check::right('All marks are wide enough to be seen.')] : self::few($thin),
            ...$cut === [] ? [Check::right('All marks stand inside the stage.')] : self::few($cut),
        ];
    }

    /** @return list<Check> */
    private function thin(Chart $chart, ChartTiming $timing): array
    {
        $frame = $this->looks[0];
        $size = $timing->whole->number('size')->at($frame);
        $found = [];
        foreach ($timing->layouts->at($frame)->order() as $id) {
            $figure = $timing->figure($id);
            $shape = $timing->layouts->at($frame)->shape($id, Presence::full(), 0.0);
            $outline = MeasuredOutline::read($shape->outline());
            // Of what is long and thin, the area is half the way round it, times its width.
            $wide = $outline->length() > 0 ? 2 * abs($outline->area) / $outline->length() * $size : 0.0;
            if (abs($figure->value()) > 0 && $wide < self::THIN) {
                $found[] = Check::wrong(
                    sprintf(
                        '“%s” is %s pixels wide, too thin to be seen.',
                        $figure->fullLabel(),
                        $wide < 0.1 ? 'less than 0.1' : number_format($wide, 1),
                    ),
                    $frame,
                    Box::around($timing->whole->onStage($shape->middle(), $frame), 160, 160),
                    About::figure($chart->id, $id),
                );
            }
        }

        return $found;
    }

    /**
     * Marks that are over the edge whenever they are there: one that comes from outside is inside at some time.
     *
     * @return list<Check>
     */
    private function cut(Chart $chart, ChartTiming $timing): array
    {
        $over = [];
        $isLooked = static fn (int $at): bool => $at % self::EVERY === 0;
        foreach (array_filter($this->looks, $isLooked, ARRAY_FILTER_USE_KEY) as $frame) {
            foreach ($timing->layouts->at($frame)->order() as $id) {
                if ($timing->amounts->shownAt($id, $frame) <= 0.0 || ($over[$id] ?? null) === false) {
                    continue;
                }
                $out = $timing->number($id, 'out')->at($frame);
                $shape = $timing->layouts->at($frame)->shape($id, Presence::full(), $out);
                $over[$id] = $this->over($chart, $timing, $shape->outline(), $id, $frame)
                    ? $over[$id] ?? [$frame, $timing->whole->onStage($shape->middle(), $frame)]
                    : false;
            }
        }
        $found = [];
        foreach (array_filter($over) as $id => [$frame, $at]) {
            $found[] = Check::wrong(
                sprintf('“%s” is cut by the edge of the stage.', $timing->figure((string) $id)->fullLabel()),
                $frame,
                Box::around($at, 160, 160),
                About::place($chart->id)->with(Mending::chartArranged($chart->id)),
            );
        }

        return $found;
    }

    private function over(Chart $chart, ChartTiming $timing, string $outline, string $id, int $frame): bool
    {
        $stage = $this->piece->stage;
        [$across, $down] = [$timing->number($id, 'x')->at($frame), $timing->number($id, 'y')->at($frame)];
        foreach (MeasuredOutline::read($outline)->segments as $segment) {
            foreach ($segment->furthestPoints() as $point) {
                $at = $timing->whole->onStage(new Point($point->x + $across, $point->y + $down), $frame);
                if ($at->x < -self::OVER || $at->y < -self::OVER
                    || $at->x > $stage->width + self::OVER || $at->y > $stage->height + self::OVER) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<Check> $found
     *
     * @return list<Check>
     */
    private static function few(array $found): array
    {
        $more = count($found) - self::NAMED;

        return [
            ...array_slice($found, 0, self::NAMED),
            ...$more > 0 ? [Check::wrong(sprintf('And the same of %d more marks.', $more))] : [],
        ];
    }
}
