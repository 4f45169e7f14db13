<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Json;

/** What comes at other times in two versions: the length, lines, the recording, moves, entrances and runs. */
final readonly class OfTiming
{
    private const WHEN = ['begin', 'frames', 'pin', 'follow', 'toLineEnd'];

    /** @return list<Difference> */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        return [
            ...self::ofPiece($before, $after),
            ...self::ofMoves($before, $after),
            ...self::ofCharts($before, $after),
        ];
    }

    /** @return list<Difference> */
    private static function ofPiece(\stdClass $before, \stdClass $after): array
    {
        $texts = [];
        [$then, $now] = [self::length($before), self::length($after)];
        if ($then !== $now) {
            $texts[] = "Length {$then} → {$now}";
        }
        [$was, $is] = [Json::object($before, 'script'), Json::object($after, 'script')];
        $moved = 0;
        foreach (Differences::paired($was->lines ?? null, $is->lines ?? null)[0] as [$one, $other]) {
            $moved += Differences::differIn($one, $other, ['begin', 'end']) ? 1 : 0;
        }
        if ($moved > 0) {
            $texts[] = Differences::counted($moved, 'line').' at another time';
        }
        if (($was->recording ?? null) !== ($is->recording ?? null)) {
            $name = Json::text(self::recording($is), 'name');
            $texts[] = $name === '' ? 'No recording' : 'Recording: '.Differences::quoted($name);
        } elseif (!Differing::isSame(self::recording($was), self::recording($is))) {
            $texts[] = 'Recording edited';
        }
        if (!Differing::isSame($before->shutter ?? null, $after->shutter ?? null)) {
            $texts[] = 'Motion blur';
        }

        return array_map(static fn (string $text): Difference => new Difference('timing', $text), $texts);
    }

    private static function recording(?\stdClass $script): ?\stdClass
    {
        foreach (Json::objects($script->recordings ?? null) as $recording) {
            if (Json::text($recording, 'id') === Json::text($script, 'recording')) {
                return $recording;
            }
        }

        return null;
    }

    private static function length(\stdClass $document): string
    {
        $stage = Json::object($document, 'stage');
        $rate = $stage->rate ?? null;
        [$numerator, $denominator] = is_array($rate) ? [$rate[0] ?? 30, $rate[1] ?? 1] : [30, 1];
        if (!is_int($numerator) || !is_int($denominator)) {
            return Json::whole($stage, 'frames').' frames';
        }

        return Timecode::atFrame(
            Json::whole($stage, 'frames'),
            FrameRate::of($numerator, $denominator),
            ($stage->dropFrame ?? false) === true,
        )->toText();
    }

    /** @return list<Difference> */
    private static function ofMoves(\stdClass $before, \stdClass $after): array
    {
        $moves = static fn (\stdClass $of): array => array_map(
            static fn (\stdClass $move): array => ['chart' => Json::text(Json::object($move, 'target'), 'chart')],
            Json::objects($of->moves ?? null),
        );
        $charts = array_unique(array_column([...$moves($before), ...$moves($after)], 'chart'));
        $differences = [];
        foreach ($charts as $chart) {
            [$both, $new, $gone] = Differences::paired(
                self::movesOf($before, $chart),
                self::movesOf($after, $chart),
            );
            $retimed = $other = 0;
            foreach ($both as [$was, $is]) {
                $isRetimed = Differences::differIn($was, $is, self::WHEN);
                $retimed += $isRetimed ? 1 : 0;
                $other += !$isRetimed && !Differing::isSame($was, $is) ? 1 : 0;
            }
            foreach ([
                [$retimed, 're-timed'],
                [$other, 'changed'],
                [count($new), 'new'],
                [count($gone), 'removed'],
            ] as [$count, $what]) {
                if ($count > 0) {
                    $text = Differences::counted($count, 'move').' '.$what;
                    $differences[] = new Difference('timing', $text, $chart === '' ? null : $chart);
                }
            }
        }

        return $differences;
    }

    /** @return list<\stdClass> */
    private static function movesOf(\stdClass $document, string $chart): array
    {
        return array_values(array_filter(
            Json::objects($document->moves ?? null),
            static fn (\stdClass $move): bool => Json::text(Json::object($move, 'target'), 'chart') === $chart,
        ));
    }

    /** @return list<Difference> */
    private static function ofCharts(\stdClass $before, \stdClass $after): array
    {
        $differences = [];
        foreach (Differences::paired($before->charts ?? null, $after->charts ?? null)[0] as [$was, $is]) {
            foreach (['entrance', 'exit', 'run', 'drift'] as $name) {
                if (!Differing::isSame($was->{$name} ?? null, $is->{$name} ?? null)) {
                    $text = ucfirst(Differences::nameOf($is)).': '.$name;
                    $differences[] = new Difference('timing', $text, Json::text($is, 'id'));
                }
            }
        }

        return $differences;
    }
}
