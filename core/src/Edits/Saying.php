<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Settings\Json;

/** What a chart says is said once: names at the parts or in a legend, values at the marks or on the axis. */
final readonly class Saying
{
    /** where parts are named, and where values stand */
    public const NAMES = ['parts' => 'At the parts', 'legend' => 'In a legend'];
    public const VALUES = ['marks' => 'At the marks', 'axis' => 'On the axis'];

    /** a legend where none was, before anything places it */
    private const LEGEND = [
        'x' => 1120, 'y' => 430, 'width' => 640, 'placedBy' => 'rule', 'spacing' => 2, 'font' => 'figtree-semibold',
        'size' => 40, 'colour' => null,
    ];

    /** Whether a chart names its parts at all; where it does not, other words may. */
    public static function isNaming(\stdClass $chart): bool
    {
        $words = Json::object($chart, 'words');
        $labels = Json::object($words, 'labels');

        return Json::object($words, 'legend') !== null
            || (Json::text($labels, 'show') !== 'none' && Json::text($labels, 'text') !== 'reading');
    }

    /** @param \stdClass $chart as docs/piece.schema.json describes it; it is changed */
    public static function names(\stdClass $chart, string $where): void
    {
        $words = Json::object($chart, 'words');
        $labels = Json::object($words, 'labels');
        if ($words === null || $labels === null) {
            return;
        }
        if ($where === 'parts') {
            $words->legend = null;
            $labels->show = 'beside';
            $labels->text = 'both';

            return;
        }
        if (($words->legend ?? null) === null) {
            $words->legend = (object) [...self::LEGEND, ...self::setLike($labels)];
        }
        $labels->show = 'none';
        $labels->text = 'reading';
        $legend = Json::object($words, 'legend');
        if ($legend !== null) {
            unset($legend->values);
        }
    }

    /** @param \stdClass $chart as docs/piece.schema.json describes it; it is changed */
    public static function values(\stdClass $chart, string $where): void
    {
        $labels = Json::object(Json::object($chart, 'words'), 'labels');
        $form = Json::object($chart, 'form');
        if ($labels === null || $form === null || !isset($form->axis)) {
            return;
        }
        $labels->show = $where === 'marks' ? 'beside' : 'none';
        $form->axis = $where === 'marks' ? 'line' : 'ticks';
    }

    /**
     * A chart whose values are said twice, or nowhere, says them once.
     *
     * @param \stdClass $chart as docs/piece.schema.json describes it; it is changed
     */
    public static function once(\stdClass $chart): void
    {
        $words = Json::object($chart, 'words');
        $form = Json::object($chart, 'form');
        $labels = Json::object($words, 'labels');
        $hasReadings = Json::text($labels, 'show') !== 'none' && Json::text($labels, 'text') !== 'label';
        if ($form !== null && isset($form->axis)) {
            $form->axis = $hasReadings ? ($form->axis === 'ticks' ? 'line' : $form->axis) : 'ticks';
        }
        $legend = Json::object($words, 'legend');
        if ($legend !== null && $hasReadings) {
            $legend->values = 'none';
        }
    }

    /** @return array<string, mixed> what a legend has of the labels in whose place it comes */
    private static function setLike(\stdClass $labels): array
    {
        return array_filter(
            ['font' => $labels->font ?? null, 'size' => $labels->size ?? null, 'colour' => $labels->colour ?? null],
            static fn (mixed $value): bool => $value !== null,
        );
    }
}
