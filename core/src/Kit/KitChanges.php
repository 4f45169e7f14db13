<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Piece\ArrangementSettings;
use Lupine\Core\Piece\AxisSettings;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\CentreSettings;
use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\InkSettings;
use Lupine\Core\Piece\LabelSettings;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\NamesSettings;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;

/** What of a document is not as its kit has it. */
final readonly class KitChanges
{
    private const OF_CHART = [
        'labels' => ['Labels', LabelSettings::class],
        'names' => ['Names', NamesSettings::class],
        'legend' => ['Legend', LegendSettings::class],
        'centre' => ['Centre number', CentreSettings::class],
        'axis' => ['Axis', AxisSettings::class],
    ];

    private const OF_STAGE = [
        'inks' => ['Words', InkSettings::class],
        'backdrop' => ['Backdrop', Backdrop::class],
        'arrangement' => ['Arrangement', ArrangementSettings::class],
        'captions' => ['Captions', CaptionSettings::class],
    ];

    private const ROLES = ['title' => 'Title', 'subtitle' => 'Subtitle', 'source' => 'Source line', 'note' => 'Note'];

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it
     * @param list<string> $parts what was taken of the kit
     *
     * @return list<string> such as “Legend: size”, each said once
     */
    public static function of(\stdClass $document, Kit $kit, array $parts, FormCatalogue $forms): array
    {
        $dressed = Json::copy($document);
        Dress::in($dressed, $kit, $parts, false, $forms);
        $changes = [];
        foreach (self::OF_STAGE as $name => [$where, $class]) {
            $changes[] = self::between(
                $where,
                $class,
                Json::object($document, $name),
                Json::object($dressed, $name),
            );
        }
        foreach (Json::objects($document->words ?? null) as $place => $text) {
            $where = self::ROLES[Json::text($text, 'role')] ?? self::ROLES['note'];
            $changes[] = self::between($where, FreeText::class, $text, Json::objects($dressed->words)[$place]);
        }
        foreach (Json::objects($document->charts ?? null) as $place => $chart) {
            array_push($changes, ...self::ofChart($chart, Json::objects($dressed->charts)[$place], $forms));
        }
        if (json_encode($document->panels ?? []) !== json_encode($dressed->panels ?? [])) {
            $changes[] = ['Shapes: other ones'];
        }

        return array_values(array_unique(array_merge([], ...$changes)));
    }

    /** @return list<list<string>> */
    private static function ofChart(\stdClass $now, \stdClass $then, FormCatalogue $forms): array
    {
        $changes = [];
        foreach ([
            'finish' => ['Finish', FinishSettings::class],
            'entrance' => ['Entrance', ChartMotion::class],
        ] as $name => [$where, $class]) {
            $changes[] = self::between($where, $class, Json::object($now, $name), Json::object($then, $name));
        }
        foreach (self::OF_CHART as $role => [$where, $class]) {
            $changes[] = self::between(
                $where,
                $class,
                Json::object(Json::object($now, 'words'), $role),
                Json::object(Json::object($then, 'words'), $role),
            );
        }
        $form = Json::object($now, 'form');
        $kind = Json::text($form, 'kind');
        $changes[] = self::differing(
            'Form',
            in_array($kind, $forms->names(), true) ? $forms->settingsOf($kind) : [],
            $form,
            Json::object($then, 'form'),
        );

        return $changes;
    }

    /**
     * @param class-string $class
     *
     * @return list<string>
     */
    private static function between(string $where, string $class, ?\stdClass $now, ?\stdClass $then): array
    {
        return self::differing($where, Group::of($class)->each(), $now, $then);
    }

    /**
     * @param list<Declared> $settings
     *
     * @return list<string>
     */
    private static function differing(string $where, array $settings, ?\stdClass $now, ?\stdClass $then): array
    {
        return array_map(
            static fn (string $label): string => $where.': '.$label,
            Differing::labels($settings, $now, $then),
        );
    }
}
