<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/**
 * From version 2 to 3: what goes round by itself, and the length of a recording, were in seconds, and all else in
 * frames and milliseconds. Now all times of a piece are whole frames, and all times of recordings milliseconds.
 */
final readonly class Version2
{
    public static function upgraded(\stdClass $document): \stdClass
    {
        /** @var \stdClass $document a copy, all the way down */
        $document = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $document->lupine = 3;
        $rate = self::rate($document);
        foreach (self::objects($document->charts ?? null) as $chart) {
            self::count($chart->drift ?? null, 'every', $rate, 2);
            $own = $chart->own ?? null;
            foreach ([$chart->finish ?? null, ...self::objects(is_object($own) ? (array) $own : null)] as $finish) {
                if ($finish instanceof \stdClass) {
                    self::count($finish->glow ?? null, 'every', $rate, 2);
                    self::count($finish->stroke ?? null, 'round', $rate, 1);
                }
            }
        }
        foreach (self::objects($document->words ?? null) as $words) {
            self::count($words->drift ?? null, 'every', $rate, 2);
        }

        $script = $document->script ?? null;
        foreach (self::objects($script instanceof \stdClass ? $script->recordings ?? null : null) as $recording) {
            $seconds = $recording->seconds ?? null;
            $recording->length = is_int($seconds) || is_float($seconds) ? round($seconds * 1000, 3) : $seconds;
            unset($recording->seconds);
        }

        return $document;
    }

    /** @return float frames a second; what cannot be read is refused when the stage is read */
    private static function rate(\stdClass $document): float
    {
        $stage = $document->stage ?? null;
        $rate = $stage instanceof \stdClass ? $stage->rate ?? null : null;
        [$frames, $seconds] = is_array($rate) && count($rate) === 2 ? array_values($rate) : [24, 1];

        return is_int($frames) && is_int($seconds) && $seconds > 0 ? $frames / $seconds : 24.0;
    }

    /** @param int $least frames that a time has which is not 0 */
    private static function count(mixed $group, string $name, float $rate, int $least): void
    {
        $seconds = $group instanceof \stdClass ? $group->{$name} ?? null : null;
        if (!$group instanceof \stdClass || (!is_int($seconds) && !is_float($seconds))) {
            return;
        }
        $frames = min(Stage::MAX_FRAMES, max($least, (int) round(abs($seconds) * $rate)));
        $group->{$name} = $seconds == 0 ? 0 : ($seconds < 0 ? -$frames : $frames);
    }

    /** @return list<\stdClass> */
    private static function objects(mixed $list): array
    {
        return array_values(
            array_filter(is_array($list) ? $list : [], static fn (mixed $one): bool => $one instanceof \stdClass),
        );
    }
}
