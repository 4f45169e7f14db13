<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;

/** What of one chart is not the same in two versions, and what its parts have of their own. */
final readonly class OfChart
{
    private const WORDS = [
        'reading' => 'Readings', 'labels' => 'Labels', 'names' => 'Names', 'legend' => 'Legend',
        'centre' => 'Centre number', 'axis' => 'Axis titles',
    ];
    private const FIGURES = ['column' => 'column', 'series' => 'series', 'pick' => 'rows shown', 'axisOf' => 'axis'];

    /**
     * @param array<string, string> $rows labels of its rows
     *
     * @return list<string>
     */
    public static function between(\stdClass $was, \stdClass $is, FormCatalogue $forms, array $rows): array
    {
        $name = ucfirst(Differences::nameOf($is));
        $texts = [];
        [$before, $after] = [Json::object($was, 'form'), Json::object($is, 'form')];
        [$one, $other] = [Json::text($before, 'kind'), Json::text($after, 'kind')];
        if ($one !== $other) {
            $texts[] = 'Form: '.Differences::nameOf((object) ['form' => $before]).' → '
                .Differences::nameOf((object) ['form' => $after]);
        } elseif (in_array($other, $forms->names(), true)) {
            $labels = Differing::labels($forms->settingsOf($other), $before, $after);
            array_push($texts, ...Differences::together($name, $labels));
        }
        if (Differences::differIn(
            Json::object($was, 'place') ?? new \stdClass(),
            Json::object($is, 'place') ?? new \stdClass(),
            OfLooks::PLACE,
        )) {
            $texts[] = $name.' placed elsewhere';
        }
        array_push($texts, ...Differences::together('Finish', Differing::labels(
            Group::of(FinishSettings::class)->each(),
            Json::object($was, 'finish'),
            Json::object($is, 'finish'),
        )));
        [$said, $says] = [Json::object($was, 'words'), Json::object($is, 'words')];
        foreach (self::WORDS as $role => $where) {
            if (!Differing::isSame($said->{$role} ?? null, $says->{$role} ?? null)) {
                $texts[] = $where;
            }
        }
        foreach (self::FIGURES as $key => $word) {
            if (!Differing::isSame($was->{$key} ?? null, $is->{$key} ?? null)) {
                $texts[] = "{$name}: {$word}";
            }
        }
        if (($was->hidden ?? false) !== ($is->hidden ?? false)) {
            $texts[] = $name.(($is->hidden ?? false) === true ? ' hidden' : ' shown');
        }

        return [...$texts, ...self::ofParts(Json::object($was, 'own'), Json::object($is, 'own'), $rows)];
    }

    /**
     * @param array<string, string> $labels of rows
     *
     * @return list<string>
     */
    private static function ofParts(?\stdClass $was, ?\stdClass $is, array $labels): array
    {
        $texts = [];
        $all = [...get_object_vars($was ?? new \stdClass()), ...get_object_vars($is ?? new \stdClass())];
        foreach (array_keys($all) as $id) {
            $id = (string) $id;
            [$one, $other] = [Json::object($was, $id), Json::object($is, $id)];
            if (Differing::isSame($one, $other)) {
                continue;
            }
            $label = $labels[$id] ?? 'A part';
            $isOut = [Json::number($one, 'out'), Json::number($other, 'out')];
            $isOff = ($other->off ?? false) === true;
            $texts[] = $label.match (true) {
                ($one->off ?? false) !== ($other->off ?? false) => $isOff ? ' left out' : ' back in',
                (float) $isOut[0] !== (float) $isOut[1] => $isOut[1] > 0 ? ' pulled out' : ' pushed back in',
                !Differing::isSame($one->label ?? null, $other->label ?? null) => ': its label',
                !Differing::isSame($one->colour ?? null, $other->colour ?? null) => ': its colour',
                default => ': its finish',
            };
        }

        return $texts;
    }
}
