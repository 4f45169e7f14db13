<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Json;

/**
 * From version 3 to 4: a finish was one fill, pattern, stroke, glow and shadow. Now each is a list of coats, a light
 * that travels along an edge is a coat of its own, and the colour of a part is called its colour.
 */
final readonly class Version3
{
    /** how wide a travelling light was, as a multiple of its line */
    private const LIGHT = 1.5;

    private const LISTS = ['pattern' => 'patterns', 'glow' => 'glows', 'shadow' => 'shadows'];

    public static function upgraded(\stdClass $document): \stdClass
    {
        $document = Json::copy($document);
        $document->lupine = 4;
        foreach (Json::objects($document->charts ?? null) as $chart) {
            $finish = Json::object($chart, 'finish');
            if ($finish !== null) {
                if (is_string($finish->fill ?? null)) {
                    $finish->fills = [(object) ['kind' => $finish->fill === 'gradient' ? 'shaded' : $finish->fill]];
                    unset($finish->fill);
                }
                self::coats($finish);
            }
            foreach (Json::objects((array) Json::object($chart, 'own')) as $own) {
                if (property_exists($own, 'fill')) {
                    $own->colour = $own->fill;
                    unset($own->fill);
                }
                self::coats($own);
            }
        }

        return $document;
    }

    /** What was one becomes a list; “none” an empty one; null, that of the chart, stays away. */
    private static function coats(\stdClass $in): void
    {
        foreach (self::LISTS as $one => $several) {
            if (property_exists($in, $one)) {
                self::put($in, $several, $in->{$one});
                unset($in->{$one});
            }
        }
        if (!property_exists($in, 'stroke')) {
            return;
        }
        $stroke = $in->stroke;
        unset($in->stroke);
        self::put($in, 'lines', $stroke);
        if (!$stroke instanceof \stdClass) {
            self::put($in, 'edges', $stroke);

            return;
        }
        $light = $stroke->light ?? 0;
        $width = $stroke->width ?? 4;
        $isLit = $light > 0 && ($stroke->round ?? 0) !== 0;
        $edges = $isLit && (is_int($width) || is_float($width)) ? [(object) [
            'length' => max(4, $light),
            'at' => 0,
            'width' => min(100, self::LIGHT * $width),
            'colour' => $stroke->colour ?? '#ffffff',
            'opacity' => 0.9,
            'round' => $stroke->round,
            'blend' => 'normal',
        ]] : [];
        if ($edges !== [] || isset($in->lines)) {
            $in->edges = $edges;
        }
        unset($stroke->light, $stroke->round);
        if (($stroke->opacity ?? 1) <= 0) {
            $in->lines = [];
        }
    }

    private static function put(\stdClass $in, string $list, mixed $coat): void
    {
        if ($coat !== null) {
            $in->{$list} = $coat === 'none' ? [] : [$coat];
        }
    }
}
