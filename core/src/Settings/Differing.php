<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Which settings two documents say in different ways. */
final readonly class Differing
{
    /**
     * @param list<Declared> $settings
     *
     * @return list<string> their names, in their order
     */
    public static function names(array $settings, ?\stdClass $one, ?\stdClass $other): array
    {
        $names = [];
        foreach ($settings as $declared) {
            if (!self::isSame($one->{$declared->name} ?? null, $other->{$declared->name} ?? null)) {
                $names[] = $declared->name;
            }
        }

        return $names;
    }

    /**
     * @param list<Declared> $settings
     *
     * @return list<string> what the desk calls them, each with a small letter first
     */
    public static function labels(array $settings, ?\stdClass $one, ?\stdClass $other): array
    {
        $differing = self::names($settings, $one, $other);
        $labels = [];
        foreach ($settings as $declared) {
            if (in_array($declared->name, $differing, true)) {
                $labels[] = lcfirst($declared->label() === '' ? $declared->name : $declared->label());
            }
        }

        return $labels;
    }

    /** Whether two values of JSON say the same: 1 and 1.0 do, and so do none, an empty list and false. */
    public static function isSame(mixed $one, mixed $other): bool
    {
        return self::said($one) === self::said($other);
    }

    private static function said(mixed $value): ?string
    {
        return in_array($value, [null, [], false], true) ? null : json_encode(self::plain($value), JSON_THROW_ON_ERROR);
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \stdClass => (object) array_map(self::plain(...), get_object_vars($value)),
            is_array($value) => array_map(self::plain(...), $value),
            is_int($value) => (float) $value,
            default => $value,
        };
    }
}
