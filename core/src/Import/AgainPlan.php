<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Edits\RemovedRows;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Json;

/** Figures that come in again: the table as it would be, what changes, and the document with it. */
final readonly class AgainPlan
{
    public function __construct(
        public Table $table,
        /** @var list<AgainRow> in the order in which they will stand */
        public array $rows,
        /** @var list<string> what becomes of columns, in sentences */
        public array $remarks,
        /** @var list<string> columns that the piece shows and the file does not have: they keep what they had */
        public array $keptColumns = [],
    ) {
    }

    /** @return list<string> ids of rows that go */
    public function gone(): array
    {
        return array_values(array_map(
            static fn (AgainRow $row): string => $row->id,
            array_filter($this->rows, static fn (AgainRow $row): bool => $row->kind === 'gone'),
        ));
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it
     * @param array<string, string> $colours of figures by their ids in the file; new rows get theirs
     *
     * @return \stdClass a copy of it with the new table; what was said of rows that go, goes with them
     */
    public function document(\stdClass $document, array $colours = []): \stdClass
    {
        $copy = Json::copy($document);
        $table = json_decode((string) json_encode($this->table->toDocument()));
        $copy->tables = array_map(
            fn (\stdClass $one): mixed => $one->id === $this->table->id ? $table : $one,
            Json::objects($copy->tables),
        );
        (new RemovedRows($this->table->id, $this->gone()))->from($copy);
        $charts = [];
        foreach (Json::objects($copy->charts) as $chart) {
            if ($chart->table === $this->table->id) {
                $charts[] = $chart->id;
                $this->colour($chart, $colours);
            }
        }
        foreach (array_filter($charts, is_string(...)) as $chart) {
            $copy->moves = [...Json::objects($copy->moves), ...$this->entrances($chart, Json::objects($copy->moves))];
        }

        return $copy;
    }

    /** @param array<string, string> $colours of new rows by their ids in the file */
    private function colour(\stdClass $chart, array $colours): void
    {
        foreach ($this->rows as $row) {
            $colour = $row->kind === 'fresh' ? $colours[$row->from] ?? null : null;
            if ($colour !== null && $chart->own instanceof \stdClass) {
                $chart->own->{$row->id} = (object) ['colour' => $colour];
            }
        }
    }

    /**
     * A new row comes in after the one before it in the table, where that one comes in by a move of its own.
     *
     * @param list<\stdClass> $moves
     *
     * @return list<\stdClass> moves of the new rows
     */
    private function entrances(string $chart, array $moves): array
    {
        $own = $ids = [];
        foreach ($moves as $move) {
            $target = $move->target instanceof \stdClass ? $move->target : new \stdClass();
            $figure = $target->figure ?? null;
            $ids[] = is_string($move->id) ? $move->id : '';
            $isOfPart = $move->kind === 'entrance' && ($target->part ?? null) !== 'label';
            if ($isOfPart && ($target->chart ?? null) === $chart && is_string($figure)) {
                $own[$figure] = $move;
            }
        }
        $fresh = [];
        foreach ($this->rows as $row) {
            $fresh[$row->id] = $row->kind === 'fresh';
        }
        $added = [];
        $before = null;
        foreach ($this->table->rows as $row) {
            if ($before !== null && ($fresh[$row->id] ?? false) && !isset($own[$row->id])) {
                $move = clone $before;
                $move->id = $ids[] = Again::next('m', $ids);
                $move->target = (object) ['chart' => $chart, 'figure' => $row->id];
                $move->pin = null;
                $move->follow = (object) ['move' => $before->id, 'how' => 'after', 'offset' => 0];
                $own[$row->id] = $added[] = $move;
            }
            $before = $own[$row->id] ?? null;
        }

        return $added;
    }
}
