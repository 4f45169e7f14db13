<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Settings\Json;

/**
 * Rows leave a table, and with them all that was said of them: what their marks have of their own, their moves, the
 * number in the middle, and pointers and shots that name them.
 */
final readonly class RemovedRows
{
    /** @param list<string> $rows their ids */
    public function __construct(private string $table, private array $rows)
    {
    }

    /** @param \stdClass $document as docs/piece.schema.json describes it; it is changed, but for the rows themselves */
    public function from(\stdClass $document): void
    {
        $charts = [];
        foreach (Json::objects($document->charts) as $chart) {
            if ($chart->table === $this->table && is_string($chart->id)) {
                $charts[] = $chart->id;
                $this->fromChart($chart);
            }
        }
        $isGone = fn (mixed $target): bool => $target instanceof \stdClass
            && in_array($target->chart ?? null, $charts, true)
            && is_string($target->figure ?? null)
            && $this->isOfOne($target->figure);
        $document->moves = array_values(array_filter(
            Json::objects($document->moves),
            static fn (\stdClass $move): bool => !$isGone($move->target ?? null),
        ));
        foreach (Json::objects($document->moves) as $move) {
            // A shot of a part that is gone is one of its chart.
            $on = Json::object(Json::object($move, 'shot'), 'on');
            if ($on !== null && $isGone($on)) {
                unset($on->figure);
            }
        }
        foreach (Json::objects($document->words) as $words) {
            if ($isGone($words->pointsAt ?? null)) {
                $words->pointsAt = null;
            }
        }
    }

    private function fromChart(\stdClass $chart): void
    {
        $own = $chart->own instanceof \stdClass ? $chart->own : new \stdClass();
        foreach (array_keys(get_object_vars($own)) as $figure) {
            if ($this->isOfOne((string) $figure)) {
                unset($own->{$figure});
            }
        }
        $chart->own = $own;
        $centre = $chart->words instanceof \stdClass ? $chart->words->centre ?? null : null;
        $figure = $centre instanceof \stdClass ? $centre->figure ?? null : null;
        if ($centre instanceof \stdClass && is_string($figure) && $this->isOfOne($figure)) {
            $centre->figure = null;
        }
    }

    /** Whether a figure is of one of these rows: of several series it is named by its row and its column. */
    private function isOfOne(string $figure): bool
    {
        return in_array($figure, $this->rows, true) || in_array(explode('-', $figure)[0], $this->rows, true);
    }
}
