<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Figures\Calendar;
use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/** A chart of a table, with the words that its form looks right with. */
final readonly class NewChart
{
    /** The colour that a new chart's tints are made from. */
    public const SWATCH = '#4fb286';

    /** size of the names along a line */
    private const NAME = 26;

    /** frames in which each figure of an area rises */
    private const RISE = 30;

    /** frames in which what is cut out of a whole opens, in one sweep */
    private const SWEEP = 54;

    /** frames in which a line is drawn on */
    private const DRAWING = 96;

    /** rows beyond which a chart shows the largest; how many parts, or on a scale (common practice, no source) */
    private const LONG = 60;
    private const PARTS = 5;
    private const BARS = 10;

    /** figures beyond which the piece would be over before the last has come */
    private const TOO_MANY_IN_TURN = 150;

    /**
     * The chart, in the form of docs/piece.schema.json.
     *
     * @param list<string>|null $swatches that it is coloured with; null: tints of the usual one
     * @param bool $hasLegend whether a legend is wanted where the form has one
     * @param array<string, string> $colours that figures bring along, by row id
     *
     * @return array<string, mixed>
     */
    public static function document(
        string $id,
        Table $table,
        string $column,
        Form $form,
        ?array $swatches = null,
        bool $hasLegend = true,
        array $colours = [],
    ): array {
        $defaults = $form->defaults();
        $pick = self::pick($form, $table);
        $count = min(count($table->rows), ($pick['count'] ?? PHP_INT_MAX) + (($pick['others'] ?? false) ? 1 : 0));
        $plan = new NewPiecePlan($defaults, $count);

        return [
            'id' => $id,
            'table' => $table->id,
            'column' => $column,
            'form' => [
                ...self::settings($form, $count),
                ...self::inOrder($form, $table),
                ...self::axis($form, $defaults, $plan),
                ...self::isUneven($form, $table) ? ['across' => 'time'] : [],
            ],
            'place' => ['x' => 960, 'y' => 540, 'placedBy' => 'rule'],
            'finish' => [
                'colours' => $swatches === null ? 'tints' : 'set',
                'swatches' => $swatches ?? [self::SWATCH],
            ],
            'words' => self::words($table, $column, $defaults, $plan, $hasLegend, $form->isJoined()),
            'entrance' => self::entrance($form, $defaults, $count),
            'exit' => null,
            ...$pick === null ? [] : ['pick' => $pick],
            'own' => (object) array_map(static fn (string $colour): array => ['colour' => $colour], $colours),
        ];
    }

    /** @return array<string, mixed> */
    private static function entrance(Form $form, FormDefaults $defaults, int $count): array
    {
        $motion = match (true) {
            // Up from the baseline as a wave.
            $defaults->isRising => [
                'frames' => self::RISE,
                'curve' => 'ease-in-out',
                'order' => $count > self::TOO_MANY_IN_TURN ? 'together' : 'overlapping',
                'overlap' => self::RISE - max(1, intdiv(self::RISE, max(1, $count))),
                'opens' => 'baseline',
            ],
            // Drawn on from the left in one go.
            $form->isJoined() => [
                'frames' => max(1, intdiv(self::DRAWING, $count)),
                'curve' => 'linear',
                'order' => $count > self::DRAWING ? 'together' : 'after',
                'overlap' => 0,
            ],
            // Opened in one go, however many parts there are.
            $defaults->isCut => [
                'frames' => self::SWEEP,
                'curve' => 'ease-in-out',
                'order' => 'one',
                'overlap' => 0,
            ],
            default => [
                'frames' => 24,
                'curve' => 'ease-in-out',
                'order' => $count > self::TOO_MANY_IN_TURN ? 'together' : 'overlapping',
                'overlap' => $count > 8 ? 24 - self::step($count) : 8,
            ],
        };

        return ['begin' => 12, ...$motion] + ['opens' => 'forward'];
    }

    /** Whether a line stands over dates that are not as far from each other. */
    private static function isUneven(Form $form, Table $table): bool
    {
        $points = $form->isJoined() && count($table->rows) > 2
            ? PointInTime::all(array_map(static fn (Row $row): string => $row->label, $table->rows))
            : null;
        $days = array_map(static fn (PointInTime $point): int => $point->days(), $points ?? []);
        $steps = [];
        foreach (array_slice($days, 1) as $index => $day) {
            $steps[] = $day - $days[$index];
        }

        // Months and leap years differ by some days, and are steps alike.
        return $steps !== [] && min($steps) > 0 && max($steps) > 1.2 * min($steps);
    }

    /**
     * Of a long table the largest rows; of parts of a whole with the others as one.
     *
     * @return array{by: string, count: int, others: bool}|null
     */
    private static function pick(Form $form, Table $table): ?array
    {
        $isOnScale = $form->needs(Forms::of($form)->usual($form->name()))->isOnScale();

        return $form->isJoined() || count($table->rows) <= self::LONG ? null : [
            'by' => 'largest',
            'count' => $isOnScale ? self::BARS : self::PARTS,
            'others' => !$isOnScale,
        ];
    }

    /** @return array<string, mixed> */
    private static function words(
        Table $table,
        string $columnId,
        FormDefaults $defaults,
        NewPiecePlan $plan,
        bool $hasLegend,
        bool $isJoined,
    ): array {
        $isShare = $defaults->readings === 'share';
        $isMany = $plan->isMany;
        $labels = $isMany || ($defaults->labels === 'on' && $plan->isLong) ? 'none' : $defaults->labels;
        $column = $table->columns[$table->columnIndex($columnId)]->name;
        // A single figure is named by its row, several by the column that is shown.
        $inAll = $column === 'Value' ? 'in all' : BoundText::COLUMN;
        $first = $table->rows[0] ?? null;
        $caption = $defaults->hasLegend || $first === null ? $inAll : sprintf('[name of %s]', $first->id);

        return [
            'reading' => [
                'of' => $defaults->readings,
                'decimals' => null,
                'prefix' => '',
                'suffix' => $isShare ? '%' : '',
                'group' => ',',
                'point' => '.',
            ],
            'labels' => [
                'show' => $labels,
                'text' => 'reading',
                'font' => 'figtree-bold',
                'size' => $isJoined ? max(self::NAME - 4, $plan->labelSize) : $plan->labelSize,
                'colour' => null,
                'plate' => null,
            ],
            // Along a line as many stand as there is room for.
            'names' => $defaults->hasNames && ($isJoined || !$isMany)
                ? [
                    'font' => 'figtree-semibold',
                    'size' => $isJoined ? max(self::NAME, $plan->nameSize) : $plan->nameSize,
                    'colour' => null,
                ]
                : null,
            'legend' => $plan->hasLegend && $hasLegend
                ? [
                    'x' => 1120,
                    'y' => 400,
                    'width' => 640,
                    'placedBy' => 'rule',
                    'spacing' => $plan->spacing,
                    // What the marks say, the legend need not say again.
                    ...$labels === 'none' ? [] : ['values' => 'none'],
                    'font' => 'figtree-semibold',
                    'size' => $plan->legendSize,
                    'colour' => null,
                ]
                : null,
            'centre' => $defaults->hasTotal
                ? [
                    'caption' => $caption,
                    'prefix' => '',
                    'suffix' => '',
                    'font' => 'bricolage-bold',
                    'size' => 110,
                    'colour' => null,
                ]
                : null,
        ];
    }

    /** Frames from one figure to the next, so that many have come within a few seconds. */
    private static function step(int $count): int
    {
        return max(1, min(4, intdiv(96, $count)));
    }

    /**
     * Months and weekdays stay in the order of the sheet.
     *
     * @return array<string, string>
     */
    private static function inOrder(Form $form, Table $table): array
    {
        $names = array_map(static fn (Row $row): string => $row->label, $table->rows);
        $hasOrder = in_array('order', array_map(static fn ($one): string => $one->name, $form->settings()), true);

        return $hasOrder && Calendar::areTimes($names) ? ['order' => 'sheet'] : [];
    }

    /**
     * Values stand at the marks or on the axis, and not on both.
     *
     * @return array<string, string>
     */
    private static function axis(Form $form, FormDefaults $defaults, NewPiecePlan $plan): array
    {
        $hasAxis = in_array('axis', array_map(static fn ($one): string => $one->name, $form->settings()), true);
        $hasLabels = $defaults->labels !== 'none' && !$plan->isMany;

        return $hasAxis && $hasLabels ? ['axis' => 'line'] : [];
    }

    /**
     * @param int $count figures
     *
     * @return array<string, float|string>
     */
    public static function settings(Form $form, int $count, float $width = 700, float $height = 700): array
    {
        $settings = ['kind' => $form->name(), ...Forms::of($form)->usual($form->name())->values()];
        if (isset($settings['order'])) {
            $settings['order'] = 'descending';
        }

        return [...$settings, ...$form->fitted($width, $height, $count)];
    }
}
