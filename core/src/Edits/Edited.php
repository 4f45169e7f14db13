<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/** A document while an act changes it, and the piece that it was before. */
final readonly class Edited
{
    public \stdClass $document;

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it; it stays as it is
     * @param Piece $piece the same document, read
     */
    public function __construct(\stdClass $document, public Piece $piece, public FormCatalogue $forms)
    {
        $this->document = Json::copy($document);
    }

    /** @return list<\stdClass> */
    public function tables(): array
    {
        return Json::objects($this->document->tables ?? null);
    }

    /** @return list<\stdClass> the last is painted over the others */
    public function charts(): array
    {
        return Json::objects($this->document->charts ?? null);
    }

    /** @throws BadPiece where there is no such chart */
    public function chart(string $id): \stdClass
    {
        return self::named($this->charts(), $id) ?? throw new BadPiece("There is no chart “{$id}”.", 'with.chart');
    }

    /** @return array{\stdClass|null, int} the table of a chart, and the place of the column that it shows */
    public function shownColumn(\stdClass $chart): array
    {
        $table = self::named($this->tables(), Json::text($chart, 'table'));
        $columns = array_map(
            static fn (\stdClass $one): string => Json::text($one, 'id'),
            Json::objects($table->columns ?? null),
        );

        return [$table, (int) array_search(Json::text($chart, 'column'), $columns, true)];
    }

    /** What was typed into a cell; empty where it has none. */
    public static function cell(\stdClass $row, int $place): string
    {
        $cell = is_array($row->cells ?? null) ? $row->cells[$place] ?? '' : '';

        return is_string($cell) ? $cell : '';
    }

    /** @return list<\stdClass> */
    public function words(): array
    {
        return Json::objects($this->document->words ?? null);
    }

    /** @return list<\stdClass> from the back to the front */
    public function panels(): array
    {
        return Json::objects($this->document->panels ?? null);
    }

    /** @return list<\stdClass> */
    public function moves(): array
    {
        return Json::objects($this->document->moves ?? null);
    }

    /** @return list<\stdClass> in the order of time */
    public function lines(): array
    {
        return Json::objects(Json::object($this->document, 'script')->lines ?? null);
    }

    /** @throws BadPiece where there is no such line */
    public function line(string $id): \stdClass
    {
        return self::named($this->lines(), $id) ?? throw new BadPiece("There is no line “{$id}”.", 'with.line');
    }

    /** @param list<\stdClass> $lines */
    public function setLines(array $lines): void
    {
        $script = Json::object($this->document, 'script');
        if ($script !== null) {
            $script->lines = $lines;
        }
        $this->growTo(max([0, ...array_map(static fn (\stdClass $line): int => Json::whole($line, 'end'), $lines)]));
    }

    /** The piece is at least so many frames long. */
    public function growTo(int $frames): void
    {
        $stage = Json::object($this->document, 'stage');
        if ($stage !== null) {
            $stage->frames = min(Stage::MAX_FRAMES, max(Json::whole($stage, 'frames'), $frames));
        }
    }

    /** @return list<\stdClass> */
    public function recordings(): array
    {
        return Json::objects(Json::object($this->document, 'script')->recordings ?? null);
    }

    /** The recording in use; null where there is none. */
    public function recording(): ?\stdClass
    {
        return self::named($this->recordings(), Json::text(Json::object($this->document, 'script'), 'recording'));
    }

    /**
     * What hangs on words, each with the name of its pin: moves, the ends of emphases, the moments of runs.
     *
     * @return list<array{\stdClass, string}>
     */
    public function pinned(): array
    {
        $holders = [];
        foreach ($this->moves() as $move) {
            $holders[] = [$move, 'pin'];
            $holders[] = [Json::object($move, 'emphasis'), 'untilPin'];
        }
        foreach ($this->charts() as $chart) {
            foreach (Json::objects(Json::object($chart, 'run')->pins ?? null) as $moment) {
                $holders[] = [$moment, 'pin'];
            }
        }
        $pinned = [];
        foreach ($holders as [$holder, $name]) {
            if ($holder !== null && Json::object($holder, $name) !== null) {
                $pinned[] = [$holder, $name];
            }
        }

        return $pinned;
    }

    /**
     * An id that none of them has.
     *
     * @param list<\stdClass> $taken
     */
    public static function newId(string $prefix, array $taken): string
    {
        return self::newIds($prefix, $taken, 1)[0];
    }

    /**
     * @param list<\stdClass> $taken
     *
     * @return list<string> as many as are asked for
     */
    public static function newIds(string $prefix, array $taken, int $count): array
    {
        $isTaken = [];
        foreach ($taken as $one) {
            $isTaken[Json::text($one, 'id')] = true;
        }
        $ids = [];
        for ($number = count($taken) + 1; count($ids) < $count; ++$number) {
            if (!isset($isTaken[$prefix.$number])) {
                $ids[] = $prefix.$number;
            }
        }

        return $ids;
    }

    /** @param list<\stdClass> $among */
    public static function named(array $among, string $id): ?\stdClass
    {
        foreach ($among as $one) {
            if (Json::text($one, 'id') === $id) {
                return $one;
            }
        }

        return null;
    }
}
