<?php

declare(strict_types=1);

namespace Lupine\Core\Batch;

use Lupine\Core\Edits\Edited;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Import\Again;
use Lupine\Core\Import\AgainPlan;
use Lupine\Core\Import\AgainRow;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\Table;
use Lupine\Core\Script\Beats;
use Lupine\Core\Settings\Json;

/**
 * Puts a table into a styled piece and keeps all else: rows are found again by their names, with their colours, looks
 * and moves; words and script that follow the table say what it says.
 */
final readonly class Fill
{
    /** rows that are named in a remark */
    private const NAMED = 4;

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it
     * @param Piece $piece the same, read
     */
    public function __construct(private \stdClass $document, private Piece $piece, private FormCatalogue $forms)
    {
    }

    /**
     * @param string $tableId of the table that is replaced
     *
     * @throws UnfitTable where the piece shows what the table does not have
     */
    public function with(NamedTable $new, string $tableId): Filled
    {
        $old = $this->piece->table($tableId);
        $plan = Again::plan($this->piece, $old, $this->suited($new->table, $old));
        if ($plan->keptColumns !== []) {
            throw new UnfitTable(sprintf(
                'This table has no column “%s”, which the piece shows. Name its columns as the piece does.',
                implode('”, “', $plan->keptColumns),
            ), $new->name);
        }
        $document = $plan->document($this->document, $new->colours);
        $document->title = mb_substr($new->name, 0, 200);
        foreach (Json::objects($document->tables) as $table) {
            if (($table->id ?? null) === $tableId) {
                $table->name = mb_substr($new->name, 0, 200);
            }
        }
        $unread = $this->fillScript($document, $plan->table, $new->name);
        $isScratch = $unread !== null && ($unread->scratch ?? null) !== null;
        $remarks = self::rows($plan);
        if ($unread !== null && !$isScratch) {
            $remarks[] = 'The script says other words with this table, so the recording is not used. Read it anew at the desk.';
        }

        return new Filled($new->name, $document, $remarks, $isScratch ? Json::text($unread, 'id') : null);
    }

    /** One column is taken for the one that is shown, whatever it is called. */
    private function suited(Table $new, Table $old): Table
    {
        if (count($new->columns) !== 1 || count($old->columns) === 1) {
            return $new;
        }
        $shown = $old->columns[0]->id;
        foreach ($this->piece->charts as $chart) {
            if ($chart->table === $old->id) {
                $shown = $chart->column;
                break;
            }
        }

        return new Table(
            $new->id,
            $new->name,
            [new Column($new->columns[0]->id, $old->columns[$old->columnIndex($shown)]->name)],
            $new->rows,
            $new->timeColumn,
            $new->whole,
        );
    }

    /** @return list<string> */
    private static function rows(AgainPlan $plan): array
    {
        $of = static fn (string $kind): array => array_values(array_map(
            static fn (AgainRow $row): string => '“'.($row->label !== '' ? $row->label : $row->was).'”',
            array_filter($plan->rows, static fn (AgainRow $row): bool => $row->kind === $kind),
        ));
        $remarks = [];
        foreach (['gone' => 'not in this table', 'fresh' => 'new'] as $kind => $said) {
            $names = $of($kind);
            if ($names !== []) {
                $more = count($names) - self::NAMED;
                $remarks[] = sprintf(
                    '%s%s %s %s.',
                    implode(', ', array_slice($names, 0, self::NAMED)),
                    $more > 0 ? sprintf(' and %d more', $more) : '',
                    count($names) === 1 ? 'is' : 'are',
                    $said,
                );
            }
        }

        return $remarks;
    }

    /**
     * Lines of the script that follow the table; what is pinned to their words stays on those words.
     *
     * @return \stdClass|null the recording that was in use and says other words now; null where there is none
     */
    private function fillScript(\stdClass $document, Table $table, string $name): ?\stdClass
    {
        $edited = new Edited($document, $this->piece, $this->forms);
        $script = Json::object($edited->document, 'script');
        $moved = [];
        foreach ($edited->lines() as $line) {
            $text = Json::text($line, 'text');
            $filled = mb_substr($this->said($text, $table, $name), 0, ScriptLine::LONGEST);
            if ($filled !== $text) {
                $moved[Json::text($line, 'id')] = self::places($text, $filled, fn (string $part): string => $this->said(
                    $part,
                    $table,
                    $name,
                ));
                $line->text = $filled;
            }
        }
        foreach ($edited->pinned() as [$holder, $pinName]) {
            $pin = Json::object($holder, $pinName);
            $places = $moved[Json::text($pin, 'line')] ?? null;
            if ($pin !== null && $places !== null && is_int($pin->word ?? null)) {
                $pin->word = $places[$pin->word] ?? $pin->word;
            }
        }
        $heard = $edited->recording();
        if ($moved !== [] && $script !== null) {
            $script->recording = null;
        }
        foreach (get_object_vars($edited->document) as $key => $value) {
            $document->{$key} = $value;
        }

        return $moved === [] ? null : $heard;
    }

    /** A line as it is said with a table. */
    private function said(string $text, Table $table, string $name): string
    {
        if (!BoundText::isBound($text)) {
            return $text;
        }
        $chart = $this->piece->charts[0] ?? null;
        $column = $chart !== null && $table->hasColumn($chart->column) ? $table->columnIndex($chart->column) : 0;
        try {
            $figures = Figures::ofWhole($table, $table->columns[$column]->id);
        } catch (ImpossibleFigures) {
            $figures = null;
        }
        $rows = array_column($table->rows, null, 'id');

        $said = static function (string $what, string $id) use ($table, $name, $column, $figures, $rows): string {
            $row = $rows[$id] ?? null;
            $figure = $figures === null ? null : array_column($figures->list, null, 'id')[$id] ?? null;

            return match ($what) {
                'table' => $name,
                'column' => $table->columns[$column]->name,
                'total' => $figures === null ? '–' : number_format($figures->whole->toFloat()),
                'name' => $row->label ?? '–',
                'share' => $figure === null ? '–' : number_format(100 * $figure->share()).'%',
                default => $row->cells[$column] ?? '–',
            };
        };

        return BoundText::filled($text, $said);
    }

    /**
     * Where each word of a line is after parts of it have been filled.
     *
     * @param \Closure(string): string $said
     *
     * @return array<int, int> new places by old ones
     */
    private static function places(string $before, string $after, \Closure $said): array
    {
        $places = [];
        $words = Beats::split($before);
        // A part that is filled goes over several words; all up to its end are where it begins.
        $pieces = preg_split('/(\[[^\]]*\])/u', $before, -1, PREG_SPLIT_DELIM_CAPTURE);
        $old = $new = 0;
        foreach ($pieces === false ? [$before] : $pieces as $piece) {
            $was = count(Beats::split($piece));
            $is = count(Beats::split($said($piece)));
            for ($at = 0; $at < $was; ++$at) {
                $places[$old + $at] = $new + min($at, max(0, $is - 1));
            }
            $old += $was;
            $new += $is;
        }
        $last = max(0, count(Beats::split($after)) - 1);

        return array_map(
            static fn (int $place): int => min($place, $last),
            array_slice($places, 0, count($words), true),
        );
    }
}
