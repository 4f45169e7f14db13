<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Json;

/**
 * From version 2 to 3: what goes round by itself, and the length of a recording, were in seconds, and all else in
 * frames and milliseconds. Now all times of a piece are whole frames, and all times of recordings milliseconds.
 */
final readonly class Version2
{
    public static function upgraded(\stdClass $document): \stdClass
    {
        $document = Json::copy($document);
        $document->lupine = 3;
        $rate = self::rate($document);
        foreach (Json::objects($document->charts ?? null) as $chart) {
            self::count($chart, 'drift', 'every', $rate, 2);
            $own = Json::objects((array) Json::object($chart, 'own'));
            foreach (Json::objects([$chart->finish ?? null, ...$own]) as $finish) {
                self::count($finish, 'glow', 'every', $rate, 2);
                self::count($finish, 'stroke', 'round', $rate, 1);
            }
        }
        foreach (Json::objects($document->words ?? null) as $words) {
            self::count($words, 'drift', 'every', $rate, 2);
        }

        foreach (Json::objects(Json::object($document, 'script')->recordings ?? null) as $recording) {
            $seconds = $recording->seconds ?? null;
            $recording->length = is_int($seconds) || is_float($seconds) ? round($seconds * 1000, 3) : $seconds;
            unset($recording->seconds);
        }

        return $document;
    }

    /** @return float frames a second; what cannot be read is refused when the stage is read */
    private static function rate(\stdClass $document): float
    {
        $rate = Json::object($document, 'stage')->rate ?? null;
        [$frames, $seconds] = is_array($rate) && count($rate) === 2 ? array_values($rate) : [24, 1];

        return is_int($frames) && is_int($seconds) && $seconds > 0 ? $frames / $seconds : 24.0;
    }

    /** @param int $least frames that a time has which is not 0 */
    private static function count(\stdClass $in, string $part, string $name, float $rate, int $least): void
    {
        $group = Json::object($in, $part);
        $seconds = $group->{$name} ?? null;
        if ($group === null || (!is_int($seconds) && !is_float($seconds))) {
            return;
        }
        $frames = min(Stage::MAX_FRAMES, max($least, (int) round(abs($seconds) * $rate)));
        $group->{$name} = $frames * ($seconds <=> 0);
    }
}
