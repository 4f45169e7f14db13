<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Piece\ArrangementSettings;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;

/** What of the stage is not the same in two versions: its size and rate, arrangement, other shapes and camera. */
final readonly class OfStage
{
    private const OTHERS = ['shapes' => 'Other shapes of the stage', 'camera' => 'Camera', 'curves' => 'Curves kept'];

    /** @return list<Difference> */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        [$was, $is] = [Json::object($before, 'stage'), Json::object($after, 'stage')];
        $size = static fn (?\stdClass $of): string => Json::whole($of, 'width').' × '.Json::whole($of, 'height');
        $texts = $size($was) === $size($is) ? [] : ["Stage {$size($was)} → {$size($is)}"];
        if (Differences::differIn($was ?? new \stdClass(), $is ?? new \stdClass(), ['rate', 'dropFrame'])) {
            $texts[] = 'Frame rate';
        }
        array_push($texts, ...Differences::together('Arrangement', Differing::labels(
            Group::of(ArrangementSettings::class)->each(),
            Json::object($before, 'arrangement'),
            Json::object($after, 'arrangement'),
        )));
        foreach (self::OTHERS as $name => $text) {
            if (!Differing::isSame($before->{$name} ?? null, $after->{$name} ?? null)) {
                $texts[] = $text;
            }
        }

        return array_map(static fn (string $text): Difference => new Difference('stage', $text), $texts);
    }
}
