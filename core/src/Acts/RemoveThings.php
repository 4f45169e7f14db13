<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Several;

/**
 * Charts, texts and panels go, with their moves and their places in other shapes, and tables that no chart shows any
 * more.
 */
#[Described('Removes charts, texts and panels.')]
final readonly class RemoveThings implements Act
{
    public function __construct(
        /** @var list<string> */
        #[Several(new Id(), max: Piece::MAX_CHARTS)]
        private array $charts,
        /** @var list<string> */
        #[Several(new Id(), max: Piece::MAX_WORDS)]
        private array $words,
        /** @var list<string> */
        #[Several(new Id(), max: Piece::MAX_PANELS)]
        #[Detail(isOptional: true)]
        private array $panels,
    ) {
    }

    public function change(Edited $edited): array
    {
        foreach ($this->charts as $id) {
            self::removeChart($edited, $edited->chart($id), $id);
        }
        foreach ($this->words as $id) {
            self::removeWords($edited, $id);
        }
        foreach ($this->panels as $id) {
            self::removePanel($edited, $id);
        }
        foreach ([...$this->charts, ...$this->words] as $id) {
            self::untie($edited, $id);
        }

        return [];
    }

    private static function removeChart(Edited $edited, \stdClass $chart, string $id): void
    {
        $document = $edited->document;
        $document->charts = self::without($edited->charts(), static fn (\stdClass $one): bool => $one === $chart);
        self::removeMoves($edited, 'chart', $id);
        foreach ($edited->words() as $words) {
            if (Json::text(Json::object($words, 'pointsAt'), 'chart') === $id) {
                $words->pointsAt = null;
            }
            if (($words->momentOf ?? null) === $id) {
                $words->momentOf = null;
            }
        }
        foreach ($edited->charts() as $one) {
            if (($one->axisOf ?? null) === $id) {
                unset($one->axisOf);
            }
            foreach (['entrance', 'exit'] as $kind) {
                $motion = Json::object($one, $kind);
                if ($motion !== null && ($motion->with ?? null) === $id) {
                    unset($motion->with);
                }
            }
        }
        $table = Json::text($chart, 'table');
        $isShown = array_filter($edited->charts(), static fn (\stdClass $one): bool => $one->table === $table) !== [];
        if (!$isShown && count($edited->tables()) > 1) {
            $document->tables = self::without(
                $edited->tables(),
                static fn (\stdClass $one): bool => $one->id === $table,
            );
        }
        self::removePlaces($edited, $id, 'legend-'.$id);
    }

    private static function removeWords(Edited $edited, string $id): void
    {
        $edited->document->words = self::without(
            $edited->words(),
            static fn (\stdClass $one): bool => $one->id === $id,
        );
        self::removeMoves($edited, 'words', $id);
        foreach ($edited->moves() as $move) {
            $emphasis = Json::object($move, 'emphasis');
            if ($emphasis !== null && ($emphasis->note ?? null) === $id) {
                $emphasis->note = null;
            }
        }
        self::removePlaces($edited, $id);
    }

    private static function removePanel(Edited $edited, string $id): void
    {
        $edited->document->panels = self::without(
            $edited->panels(),
            static fn (\stdClass $one): bool => $one->id === $id,
        );
        self::removeMoves($edited, 'panel', $id);
        self::removePlaces($edited, $id);
    }

    /** What lay around it stays where it was last told to be. */
    private static function untie(Edited $edited, string $id): void
    {
        foreach ($edited->panels() as $panel) {
            if (in_array($panel->around ?? null, [$id, 'legend-'.$id], true)) {
                unset($panel->around);
            }
        }
    }

    private static function removeMoves(Edited $edited, string $kind, string $id): void
    {
        $edited->document->moves = self::without(
            $edited->moves(),
            static fn (\stdClass $move): bool => Json::text(Json::object($move, 'target'), $kind) === $id,
        );
    }

    private static function removePlaces(Edited $edited, string ...$keys): void
    {
        foreach (Json::objects($edited->document->shapes ?? null) as $shape) {
            $own = Json::object($shape, 'own') ?? new \stdClass();
            foreach ($keys as $key) {
                unset($own->{$key});
            }
        }
    }

    /**
     * @param list<\stdClass> $all
     * @param \Closure(\stdClass): bool $isGone
     *
     * @return list<\stdClass>
     */
    private static function without(array $all, \Closure $isGone): array
    {
        return array_values(array_filter($all, static fn (\stdClass $one): bool => !$isGone($one)));
    }
}
