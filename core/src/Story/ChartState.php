<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Standing;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\FormSettings;

/** How the figures of a chart stand once a change of them has come to its end. */
final readonly class ChartState
{
    /**
     * @param array<string, int|float> $places in the order, by figure id; in between where they stand by their dates
     * @param TimedMove|null $move that leads here, or null for how they stand at first
     */
    private function __construct(
        public Figures $figures,
        public Scale $scale,
        public StateReadings $readings,
        public array $places,
        public ?TimedMove $move,
        public Fractions $fractions,
        /** sheet, descending or ascending */
        public string $order,
        /** how many places there are; figures that are not shown stand after the last */
        public int $room,
        /** of the column that is shown, as the table names it */
        public string $columnName,
    ) {
    }

    /**
     * @param array<string, true> $outside figures that are not shown, by id
     * @param int|null $room how many places there are; null: as many as figures
     */
    public static function of(
        Form $form,
        FormSettings $settings,
        string $order,
        Figures $figures,
        StateReadings $readings,
        ?TimedMove $move,
        array $outside = [],
        ?int $room = null,
        string $columnName = '',
    ): self {
        $places = [];
        $room ??= count($figures->list);
        $place = 0;
        foreach ($figures->ordered($order) as $figure) {
            $places[$figure->id] = isset($outside[$figure->id]) ? $room : $place++;
        }

        if ($settings->has('across') && $settings->word('across') === 'time') {
            $places = self::inTime($figures) ?? $places;
        }

        return new self(
            $figures,
            $form->scale($settings, $figures),
            $readings,
            $places,
            $move,
            new Fractions($form->needs($settings)->isOnScale(), $form->stacking($settings)),
            $order,
            $room,
            $columnName,
        );
    }

    /**
     * Places as far from each other as the dates are that name the figures; null where those are no dates.
     *
     * @return array<string, float>|null by figure id
     */
    private static function inTime(Figures $figures): ?array
    {
        $series = $figures->seriesCount();
        $points = PointInTime::all(array_map(static fn (Figure $figure): string => $figure->label, $figures->list));
        $days = array_map(static fn (PointInTime $point): int => $point->days(), $points ?? []);
        if ($days === []) {
            return null;
        }
        $rows = count($days) / $series;
        $length = max(1, max($days) - min($days));
        $places = [];
        foreach ($figures->list as $index => $figure) {
            $places[$figure->id] = (($days[$index] - min($days)) / $length) * ($rows - 1) * $series + $figure->series;
        }

        return $places;
    }

    /** The same on another scale. */
    public function withScale(Scale $scale): self
    {
        return new self(
            $this->figures,
            $scale,
            $this->readings,
            $this->places,
            $this->move,
            $this->fractions,
            $this->order,
            $this->room,
            $this->columnName,
        );
    }

    public function moment(): Moment
    {
        $values = [];
        foreach ($this->figures->list as $figure) {
            $values[$figure->id] = $figure->value();
        }
        $fractions = $this->fractions->isOnScale()
            ? $this->fractions->of($this->figures->list, $values, 1.0, $this->scale)
            : [];
        $standings = [];
        foreach ($this->figures->list as $figure) {
            $standings[] = new Standing(
                $figure->id,
                $figure->value(),
                // Of parts the share itself, which was computed as a fraction of whole numbers.
                $fractions[$figure->id] ?? $figure->share(),
                (float) $this->places[$figure->id],
                $figure->isRest,
                $figure->rowId,
                $figure->series,
                $figure->isGap,
            );
        }

        return new Moment($standings, $this->scale, $this->room);
    }
}
