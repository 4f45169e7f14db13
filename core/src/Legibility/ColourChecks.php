<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Lettering\BackdropGround;
use Lupine\Core\Piece\Coat\PatternCoat;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\BackdropOverTime;
use Lupine\Core\Story\ChartTiming;

/** Whether the marks of a chart are told apart by their colours or patterns, and are not lost on the ground. */
final readonly class ColourChecks
{
    /** pairs that are named one by one */
    private const NAMED = 8;

    /** distance in OKLab below which two colours are hard to tell apart (common practice, no source) */
    private const ALIKE = 0.045;

    /** opacity from which on a pattern tells its part from others; taste */
    private const SEEN = 0.4;

    public function __construct(
        private Piece $piece,
        private ChartTiming $timing,
        private BackdropOverTime $backdrop,
        private string $chart,
    ) {
    }

    /**
     * Marks that look alike, to any common kind of colour vision, the nearest first.
     *
     * @return list<Check>
     */
    public function alike(): array
    {
        $ids = $this->timing->layouts->at(0)->order();
        $alike = [];
        foreach ($ids as $place => $one) {
            foreach (array_slice($ids, $place + 1) as $other) {
                foreach ($this->differ($one, $other) ? [] : ColourVision::cases() as $vision) {
                    $far = Colour::hex($this->timing->colours[$one])->seenWith($vision)
                        ->distanceTo(Colour::hex($this->timing->colours[$other])->seenWith($vision));
                    if ($far < self::ALIKE) {
                        // Whoever sees all colours comes first, and stands for everybody.
                        $alike[] = [$far, $one, $other, $vision];
                        break;
                    }
                }
            }
        }
        usort($alike, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $name = fn (string $id): string => '“'.$this->timing->figure($id)->fullLabel().'”';
        $checks = array_map(fn (array $pair): Check => Check::wrong(
            sprintf('%s and %s look the same to %s.', $name($pair[1]), $name($pair[2]), $pair[3]->people()),
            $this->piece->stage->frames - 1,
            about: About::colours($this->chart),
        ), array_slice($alike, 0, self::NAMED));
        if (count($alike) > self::NAMED) {
            $checks[] = Check::wrong(sprintf('%d more pairs of marks look alike.', count($alike) - self::NAMED));
        }

        return $checks !== []
            ? $checks
            : [Check::right('All marks are distinct for all common kinds of colour vision.')];
    }

    /** Whether two marks are told apart by their patterns, whatever their colours. */
    private function differ(string $one, string $other): bool
    {
        $of = fn (string $id): array => array_map(
            static fn (PatternCoat $coat): array => [$coat->kind, $coat->degrees, $coat->size, $coat->weight],
            array_filter(
                $this->timing->coats[$id]->at(0)->patterns,
                static fn (PatternCoat $coat): bool => $coat->isSeen() && $coat->opacity >= self::SEEN,
            ),
        );

        return $of($one) !== $of($other);
    }

    /**
     * Marks of the ground's own colour.
     *
     * @return list<Check>
     */
    public function onGround(): array
    {
        $backdrop = BackdropGround::of($this->piece);
        $frame = $this->piece->stage->frames - 1;
        $layout = $this->timing->layouts->at($frame);
        $lost = [];
        foreach ($this->timing->figures()->list as $figure) {
            $middle = $layout->shape($figure->id, Presence::full(), 0.0)->middle();
            $at = $this->timing->whole->onStage($middle, $frame);
            $ground = $backdrop->at($this->backdrop->at($frame), $at);
            $own = Colour::hex($this->timing->colours[$figure->id]);
            if ($ground !== null && $own->distanceTo($ground) < self::ALIKE && abs($figure->value()) > 0) {
                $lost[] = Check::wrong(
                    sprintf('“%s” has about the colour of the ground, and is not seen.', $figure->fullLabel()),
                    $frame,
                    Box::around($at, 160, 160),
                    About::colours($this->chart),
                );
            }
        }

        return array_slice($lost, 0, self::NAMED);
    }
}
