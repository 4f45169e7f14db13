<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Json;

/**
 * From version 1 to 2: parts opened clockwise or counterclockwise, whichever way they were laid out. Now they open
 * forward or backward, seen in the direction in which the form lays them out, so that bars can do it too.
 */
final readonly class Version1
{
    public static function upgraded(\stdClass $document): \stdClass
    {
        $document = Json::copy($document);
        $document->lupine = 2;
        $backwards = [];
        foreach (Json::objects($document->charts ?? null) as $chart) {
            $form = $chart->form ?? null;
            $isBackwards = $form instanceof \stdClass && ($form->direction ?? null) === 'counterclockwise';
            $id = $chart->id ?? null;
            if (is_string($id)) {
                $backwards[$id] = $isBackwards;
            }
            foreach (['entrance', 'exit'] as $kind) {
                self::turn($chart->{$kind} ?? null, $isBackwards);
            }
        }
        foreach (Json::objects($document->moves ?? null) as $move) {
            $target = $move->target ?? null;
            $chart = $target instanceof \stdClass ? $target->chart ?? null : null;
            self::turn($move, is_string($chart) && ($backwards[$chart] ?? false));
        }

        return $document;
    }

    private static function turn(mixed $motion, bool $isBackwards): void
    {
        if (!$motion instanceof \stdClass) {
            return;
        }
        $opens = $motion->opens ?? null;
        if ($opens === 'clockwise' || $opens === 'counterclockwise') {
            $motion->opens = ($opens === 'clockwise') === $isBackwards ? 'backward' : 'forward';
        }
    }
}
