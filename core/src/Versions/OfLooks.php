<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;

/** What looks different, or stands elsewhere, in two versions: kit, charts and their parts, texts, panels, stage. */
final readonly class OfLooks
{
    public const PLACE = ['x', 'y', 'width', 'size', 'turn', 'placedBy', 'height'];

    /** @return list<Difference> */
    public static function between(\stdClass $before, \stdClass $after, FormCatalogue $forms): array
    {
        $differences = [...self::ofKit($before, $after), ...self::ofCharts($before, $after, $forms)];
        $labels = Differing::labels(
            Group::of(Backdrop::class)->each(),
            Json::object($before, 'backdrop'),
            Json::object($after, 'backdrop'),
        );
        foreach ([
            ...Differences::together('Backdrop', $labels),
            ...self::ofTexts($before, $after),
            ...self::ofPanels($before, $after),
            ...(Differing::isSame($before->inks ?? null, $after->inks ?? null) ? [] : ['Inks']),
            ...self::ofCaptions($before, $after),
        ] as $text) {
            $differences[] = new Difference('looks', $text);
        }

        return [...$differences, ...OfStage::between($before, $after)];
    }

    /** @return list<Difference> */
    private static function ofKit(\stdClass $before, \stdClass $after): array
    {
        [$was, $is] = [Json::object($before, 'kit'), Json::object($after, 'kit')];
        if (Json::text($was, 'id') === Json::text($is, 'id')) {
            return [];
        }
        $name = static fn (?\stdClass $kit): string => $kit === null ? 'none' : Json::text($kit, 'name');

        return [new Difference('looks', ($was === null ? 'Kit: ' : "Kit: {$name($was)} → ").$name($is))];
    }

    /** @return list<Difference> */
    private static function ofCharts(\stdClass $before, \stdClass $after, FormCatalogue $forms): array
    {
        $differences = [];
        [$both, $new, $gone] = Differences::paired($before->charts ?? null, $after->charts ?? null);
        foreach ($both as [$was, $is]) {
            foreach (OfChart::between($was, $is, $forms, self::labels($before, $after, $is)) as $text) {
                $differences[] = new Difference('looks', $text, Json::text($is, 'id'));
            }
        }
        foreach ($new as $chart) {
            $text = ucfirst(Differences::nameOf($chart)).' new';
            $differences[] = new Difference('looks', $text, Json::text($chart, 'id'));
        }
        foreach ($gone as $chart) {
            $text = ucfirst(Differences::nameOf($chart)).' removed';
            $differences[] = new Difference('looks', $text, Json::text($chart, 'id'));
        }
        if ($new === [] && $gone === []) {
            $ids = static fn (\stdClass $of): array => array_map(
                static fn (\stdClass $one): string => Json::text($one, 'id'),
                Json::objects($of->charts ?? null),
            );
            if ($ids($before) !== $ids($after)) {
                $differences[] = new Difference('looks', 'Charts in another order');
            }
        }

        return $differences;
    }

    /** @return array<string, string> labels of a chart's rows, as they are or were */
    private static function labels(\stdClass $before, \stdClass $after, \stdClass $chart): array
    {
        $labels = [];
        foreach ([$before, $after] as $document) {
            foreach (Json::objects($document->tables ?? null) as $table) {
                if (Json::text($table, 'id') !== Json::text($chart, 'table')) {
                    continue;
                }
                foreach (Json::objects($table->rows ?? null) as $row) {
                    $labels[Json::text($row, 'id')] = Json::text($row, 'label');
                }
            }
        }

        return $labels;
    }

    /** @return list<string> */
    private static function ofTexts(\stdClass $before, \stdClass $after): array
    {
        $texts = [];
        foreach (Differences::paired($before->words ?? null, $after->words ?? null)[0] as [$was, $is]) {
            $names = Differing::names(Group::of(FreeText::class)->each(), $was, $is);
            $said = Differences::quoted(Json::text($is, 'text'));
            if (array_intersect($names, self::PLACE) !== []) {
                $texts[] = $said.' placed elsewhere';
            }
            if (array_diff($names, self::PLACE, ['text', 'hidden', 'guessed']) !== []) {
                $texts[] = $said.': its style';
            }
        }

        return $texts;
    }

    /** @return list<string> */
    private static function ofPanels(\stdClass $before, \stdClass $after): array
    {
        [$both, $new, $gone] = Differences::paired($before->panels ?? null, $after->panels ?? null);
        $changed = 0;
        foreach ($both as [$was, $is]) {
            $changed += Differing::names(Group::of(Panel::class)->each(), $was, $is) === [] ? 0 : 1;
        }
        $texts = [];
        foreach ([[$changed, 'changed'], [count($new), 'new'], [count($gone), 'removed']] as [$count, $what]) {
            if ($count > 0) {
                $texts[] = Differences::counted($count, 'panel').' '.$what;
            }
        }

        return $texts;
    }

    /** @return list<string> */
    private static function ofCaptions(\stdClass $before, \stdClass $after): array
    {
        [$was, $is] = [Json::object($before, 'captions'), Json::object($after, 'captions')];

        return $was !== null && $is !== null && !Differing::isSame($was, $is) ? ['Captions'] : [];
    }
}
