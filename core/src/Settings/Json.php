<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Decoded JSON, its objects as \stdClass: what it is expected to be, or nothing. */
final readonly class Json
{
    /** @return list<\stdClass> the objects of a list; none where it is no list */
    public static function objects(mixed $list): array
    {
        return array_values(array_filter(
            is_array($list) ? $list : [],
            static fn (mixed $one): bool => $one instanceof \stdClass,
        ));
    }

    /** The object under a name; null where there is none. */
    public static function object(?\stdClass $in, string $name): ?\stdClass
    {
        $object = $in->{$name} ?? null;

        return $object instanceof \stdClass ? $object : null;
    }

    /** The text under a name; empty where there is none. */
    public static function text(?\stdClass $in, string $name): string
    {
        $text = $in->{$name} ?? null;

        return is_string($text) ? $text : '';
    }

    /** The number under a name; another where there is none. */
    public static function number(?\stdClass $in, string $name, float|int $otherwise = 0): float|int
    {
        $number = $in->{$name} ?? null;

        return is_int($number) || is_float($number) ? $number : $otherwise;
    }

    /** The whole number under a name; another where there is none. */
    public static function whole(?\stdClass $in, string $name, int $otherwise = 0): int
    {
        return (int) round(self::number($in, $name, $otherwise));
    }

    /** The same, all the way down, with nothing shared. */
    public static function copy(\stdClass $object): \stdClass
    {
        $copy = json_decode((string) json_encode($object, JSON_PRESERVE_ZERO_FRACTION));
        \assert($copy instanceof \stdClass);

        return $copy;
    }
}
