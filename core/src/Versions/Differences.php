<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Settings\Differing;
use Lupine\Core\Settings\Json;

/** What is not the same in two versions of a piece, in words: figures first, then words, timing, looks and stage. */
final readonly class Differences
{
    /**
     * @param \stdClass $before as docs/piece.schema.json describes it, and so is `$after`
     *
     * @return list<Difference>
     */
    public static function between(\stdClass $before, \stdClass $after, FormCatalogue $forms): array
    {
        return [
            ...OfFigures::between($before, $after),
            ...OfWords::between($before, $after),
            ...OfTiming::between($before, $after),
            ...OfLooks::between($before, $after, $forms),
        ];
    }

    /**
     * What things of two lists became of each other, by their ids.
     *
     * @return array{list<array{\stdClass, \stdClass}>, list<\stdClass>, list<\stdClass>} those in both, new and gone
     */
    public static function paired(mixed $before, mixed $after): array
    {
        $byId = [];
        foreach (Json::objects($before) as $one) {
            $byId[Json::text($one, 'id')] = $one;
        }
        [$both, $new] = [[], []];
        foreach (Json::objects($after) as $one) {
            $id = Json::text($one, 'id');
            if (isset($byId[$id])) {
                $both[] = [$byId[$id], $one];
                unset($byId[$id]);
            } else {
                $new[] = $one;
            }
        }

        return [$both, $new, array_values($byId)];
    }

    /** @param list<string> $names whether any of these is not the same */
    public static function differIn(\stdClass $one, \stdClass $other, array $names): bool
    {
        foreach ($names as $name) {
            if (!Differing::isSame($one->{$name} ?? null, $other->{$name} ?? null)) {
                return true;
            }
        }

        return false;
    }

    /** What a chart is called: by its name, or by its form. */
    public static function nameOf(\stdClass $chart): string
    {
        $name = Json::text($chart, 'name');
        $kind = Json::text(Json::object($chart, 'form'), 'kind');

        return $name !== '' ? $name : ($kind === 'tilted' ? 'tilted pie' : $kind);
    }

    /**
     * What differs of one thing, in one text; none where nothing does.
     *
     * @param list<string> $labels
     *
     * @return list<string>
     */
    public static function together(string $where, array $labels): array
    {
        $count = count($labels);

        return $count === 0 ? [] : [$where.': '.implode(', ', array_slice($labels, 0, 3)).($count > 3 ? '…' : '')];
    }

    /** Such as “1 move”, “3 moves”. */
    public static function counted(int $count, string $one, string $several = ''): string
    {
        return $count.' '.($count === 1 ? $one : ($several !== '' ? $several : $one.'s'));
    }

    /** A text, cut where it is long. */
    public static function quoted(string $text): string
    {
        $plain = trim((string) preg_replace('/\s+/u', ' ', $text));

        return '“'.(mb_strlen($plain) > 42 ? rtrim(mb_substr($plain, 0, 40)).'…' : $plain).'”';
    }
}
