<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Edited;
use Lupine\Core\Settings\Json;

/** What copies of charts, texts and panels have in common. */
final readonly class Copies
{
    /** how far a copy stands from what it was made of, in pixels */
    public const ASIDE = 48;

    /** What stands by hand stands aside. */
    public static function aside(?\stdClass $place): void
    {
        if ($place !== null && ($place->placedBy ?? 'hand') !== 'rule') {
            $place->x = Json::number($place, 'x') + self::ASIDE;
            $place->y = Json::number($place, 'y') + self::ASIDE;
        }
    }

    /**
     * The same moves for other charts, texts and panels. What hung on words of another script begins on its frame.
     *
     * @param list<\stdClass> $moves
     * @param array<string, string> $names ids of charts, texts and panels now, by what they were
     * @param \stdClass|null $onto the part that all of them are for
     */
    public static function addMoves(Edited $edited, array $moves, array $names, ?\stdClass $onto = null): void
    {
        $all = $edited->moves();
        $ids = [];
        $added = [];
        foreach ($moves as $move) {
            $copy = Json::copy($move);
            $was = Json::text($move, 'id');
            $copy->id = $ids[$was] = Edited::newId('m', $all);
            $target = (object) [...(array) Json::object($copy, 'target'), ...(array) $onto];
            foreach (['chart', 'words', 'panel'] as $kind) {
                $name = Json::text($target, $kind);
                if (isset($names[$name])) {
                    $target->{$kind} = $names[$name];
                }
            }
            $copy->target = $target;
            $line = Json::text(Json::object($copy, 'pin'), 'line');
            if ($line !== '' && Edited::named($edited->lines(), $line) === null) {
                $copy->pin = null;
            }
            $all[] = $added[] = $copy;
        }
        foreach ($added as $copy) {
            // Of moves that come along together, one goes on following the other.
            $follow = Json::object($copy, 'follow');
            $followed = Json::text($follow, 'move');
            if ($follow !== null && isset($ids[$followed])) {
                $follow->move = $ids[$followed];
            } elseif ($follow !== null && Edited::named($all, $followed) === null) {
                $copy->follow = null;
            }
        }
        $edited->document->moves = $all;
    }

    /** A chart of another document, or of another time, lets go of charts and lines that are not here. */
    public static function loosen(Edited $edited, \stdClass $chart): void
    {
        $charts = $edited->charts();
        foreach (['entrance', 'exit'] as $kind) {
            $motion = Json::object($chart, $kind);
            if (Edited::named($charts, Json::text($motion, 'with')) === null) {
                unset($motion->with);
            }
        }
        if (Edited::named($charts, Json::text($chart, 'axisOf')) === null) {
            unset($chart->axisOf);
        }
        foreach (Json::objects(Json::object($chart, 'run')->pins ?? null) as $moment) {
            if (Edited::named($edited->lines(), Json::text(Json::object($moment, 'pin'), 'line')) === null) {
                $moment->pin = null;
            }
        }
    }

    /**
     * Charts, texts and panels that were taken together are so again where several of them come along, in a group of
     * their own.
     *
     * @param list<\stdClass> $from what was copied
     * @param list<\stdClass> $made what became of each
     */
    public static function regroup(Edited $edited, array $from, array $made): void
    {
        $groups = array_map(static fn (\stdClass $one): string => Json::text($one, 'group'), $from);
        $several = array_keys(array_filter(array_count_values($groups), static fn (int $count): bool => $count > 1));
        $taken = array_map(
            static fn (\stdClass $one): string => Json::text($one, 'group'),
            [...$edited->charts(), ...$edited->words(), ...$edited->panels()],
        );
        $names = ['' => null];
        foreach ($several as $group) {
            $name = $group = (string) $group;
            for ($number = 2; in_array($name, $taken, true); ++$number) {
                $name = preg_replace('/ \d+$/D', '', $group).' '.$number;
            }
            $names[$group] ??= $name;
            $taken[] = $name;
        }
        foreach ($made as $place => $one) {
            $one->group = $names[$groups[$place]] ?? null;
        }
    }

    /** Whether two tables say the same. */
    public static function isSameTable(\stdClass $one, \stdClass $other): bool
    {
        $said = static fn (\stdClass $table): string => (string) json_encode([
            $table->columns ?? null,
            $table->rows ?? null,
        ]);

        return $said($one) === $said($other);
    }
}
