<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Groups of settings with some of their values changed; values are named by where they stand in a document. */
final readonly class Changed
{
    /**
     * @template T of object
     *
     * @param T $group
     * @param array<string, float|string> $values such as `glows.0.opacity`
     *
     * @return T
     */
    public static function of(object $group, array $values): object
    {
        if ($values === []) {
            return $group;
        }
        $within = [];
        foreach ($values as $path => $value) {
            [$name, $rest] = [...explode('.', $path, 2), ''];
            $within[$name][$rest] = $value;
        }
        [$said, $there] = [[], get_object_vars($group)];
        foreach (Group::of($group::class)->settings as $declared) {
            $now = $there[$declared->property];
            $said[$declared->property] = match (true) {
                $declared->setting instanceof Among && is_object($now) => self::of($now, $values),
                !isset($within[$declared->name]) => $now,
                is_array($now) => self::list($now, $within[$declared->name]),
                is_object($now) => self::of($now, $within[$declared->name]),
                default => $within[$declared->name][''] ?? $now,
            };
        }

        return new ($group::class)(...$said);
    }

    /** What stands at a place of a group; false where there is no such place. */
    public static function value(object $group, string $path): mixed
    {
        [$name, $rest] = [...explode('.', $path, 2), ''];
        $there = get_object_vars($group);
        foreach (Group::of($group::class)->settings as $declared) {
            $now = $there[$declared->property];
            if ($declared->setting instanceof Among && is_object($now)) {
                $among = self::value($now, $path);
                if ($among !== false) {
                    return $among;
                }
            } elseif ($declared->name === $name) {
                return self::below($now, $rest);
            }
        }

        return false;
    }

    private static function below(mixed $now, string $rest): mixed
    {
        if ($rest === '') {
            return $now;
        }
        if (is_array($now)) {
            [$place, $rest] = [...explode('.', $rest, 2), ''];
            $now = $now[$place] ?? null;
        }

        return is_object($now) ? self::value($now, $rest) : false;
    }

    /**
     * @param array<mixed> $list
     * @param array<string, float|string> $values by place and name
     *
     * @return array<mixed>
     */
    private static function list(array $list, array $values): array
    {
        $each = [];
        foreach ($values as $path => $value) {
            [$place, $rest] = [...explode('.', $path, 2), ''];
            $each[$place][$rest] = $value;
        }
        foreach ($list as $place => $one) {
            if (isset($each[$place]) && is_object($one)) {
                $list[$place] = self::of($one, $each[$place]);
            }
        }

        return $list;
    }
}
