<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Piece\Table;

/** Figures that come in again: the table as it would be, what changes, and the document with it. */
final readonly class AgainPlan implements \JsonSerializable
{
    public function __construct(
        public Table $table,
        /** @var list<AgainRow> in the order in which they will stand */
        public array $rows,
        /** @var list<string> what becomes of columns, in sentences */
        public array $remarks,
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
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        \assert($copy instanceof \stdClass);
        $table = json_decode((string) json_encode($this->table->toDocument()));
        $copy->tables = array_map(
            fn (\stdClass $one): mixed => $one->id === $this->table->id ? $table : $one,
            self::objects($copy->tables),
        );
        $gone = $this->gone();
        $charts = [];
        foreach (self::objects($copy->charts) as $chart) {
            if ($chart->table === $this->table->id) {
                $charts[] = $chart->id;
                $this->change($chart, $gone, $colours);
            }
        }
        $stays = static function (mixed $target) use ($charts, $gone): bool {
            $figure = $target instanceof \stdClass ? $target->figure ?? null : null;

            return !is_string($figure) || !in_array($target->chart, $charts, true) || !self::isOf($figure, $gone);
        };
        $copy->moves = array_values(array_filter(
            self::objects($copy->moves),
            static fn (\stdClass $move): bool => $stays($move->target ?? null),
        ));
        foreach (self::objects($copy->words) as $words) {
            if (!$stays($words->pointsAt ?? null)) {
                $words->pointsAt = null;
            }
        }

        return $copy;
    }

    /**
     * @param list<string> $gone
     * @param array<string, string> $colours
     */
    private function change(\stdClass $chart, array $gone, array $colours): void
    {
        $own = $chart->own instanceof \stdClass ? $chart->own : new \stdClass();
        foreach (array_keys(get_object_vars($own)) as $figure) {
            if (self::isOf((string) $figure, $gone)) {
                unset($own->{$figure});
            }
        }
        foreach ($this->rows as $row) {
            $colour = $row->kind === 'fresh' ? $colours[$row->from] ?? null : null;
            if ($colour !== null) {
                $own->{$row->id} = (object) ['fill' => $colour];
            }
        }
        $chart->own = $own;
        $centre = $chart->words instanceof \stdClass ? $chart->words->centre ?? null : null;
        $figure = $centre instanceof \stdClass ? $centre->figure ?? null : null;
        if ($centre instanceof \stdClass && is_string($figure) && self::isOf($figure, $gone)) {
            $centre->figure = null;
        }
    }

    /** @return list<\stdClass> */
    private static function objects(mixed $list): array
    {
        return array_values(array_filter(
            is_array($list) ? $list : [],
            static fn (mixed $one): bool => $one instanceof \stdClass,
        ));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['rows' => $this->rows, 'remarks' => $this->remarks];
    }

    /**
     * Whether a figure is of one of these rows: of several series it is named by its row and its column.
     *
     * @param list<string> $rows
     */
    private static function isOf(string $figure, array $rows): bool
    {
        return in_array($figure, $rows, true) || in_array(explode('-', $figure)[0], $rows, true);
    }
}
