<?php

declare(strict_types=1);

namespace App\Import;

use Illuminate\Http\JsonResponse;
use Lupine\Core\Drawing\FormChoices;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Formats\NewChart;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\RowColours;
use Lupine\Core\Import\Taken;
use Lupine\Core\Import\Taking;
use Lupine\Core\Import\UnreadableFile;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;

/** A table before anything is made of it: what was understood, its figures, and the forms that can show them. */
final readonly class TableAnswer
{
    /** rows and columns of a sheet that are shown, and signs of a cell */
    private const ROWS = 60;
    private const COLUMNS = 40;
    private const SIGNS = 60;

    public function __construct(private FormChoices $choices, private Incoming $incoming)
    {
    }

    /** @param string|null $whole what all parts together are, as typed */
    public function of(Taken $taken, ?string $whole): JsonResponse
    {
        return self::response($this->figures($taken, $whole));
    }

    /** @throws UnreadableFile */
    public function ofFile(string $id, int $sheet, Choices $choices, ?string $whole): JsonResponse
    {
        $grid = $this->incoming->grid($id, $sheet);
        $answer = [
            'file' => $id,
            'name' => $this->incoming->name($id),
            'sheet' => $sheet,
            'sheets' => $this->incoming->sheets($id),
            'grid' => self::shown($grid),
        ];
        try {
            $taken = Taking::from($grid, $choices);

            return self::response([...$answer, 'problem' => null, 'understood' => $this->figures($taken, $whole)]);
        } catch (ImpossibleFigures $reason) {
            // The sheet is shown all the same: another heading or another column may make a table of it.
            return self::response([...$answer, 'problem' => $reason->getMessage()]);
        }
    }

    /** @return array<string, mixed> */
    private function figures(Taken $taken, ?string $whole): array
    {
        $table = $taken->table->withWhole($whole);
        $problems = [];
        $figures = [];
        $column = $table->columns[0]->id;
        $tints = Tints::of(NewChart::SWATCH, max(1, count($table->rows)));
        $own = RowColours::of($table, $taken->colours, NewChart::SWATCH);
        foreach ($table->rows as $index => $row) {
            $tints[$index] = $own[$row->id] ?? $tints[$index];
        }
        try {
            $found = self::found($table, $column, $problems);
            $sum = max(1e-12, array_sum(array_map(abs(...), $found->values())));
            foreach ($found->list as $index => $figure) {
                $part = abs($figure->value()) / $sum;
                $figures[] = [
                    'id' => $figure->id,
                    'label' => $figure->label,
                    'share' => $part,
                    'shareText' => number_format($figure->share() * 100, 1).' %',
                    'colour' => $tints[$index],
                ];
            }
            array_push($problems, ...$found->notices);
            $whole = number_format($found->whole->toFloat(), fmod($found->whole->toFloat(), 1.0) === 0.0 ? 0 : 2);
        } catch (ImpossibleFigures $reason) {
            $problems[] = Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);
            $whole = null;
        }

        return [
            ...$taken->jsonSerialize(),
            'table' => $table->toDocument(),
            'figures' => $figures,
            'whole' => $whole,
            'problems' => $problems,
            'forms' => $this->choices->of($table, $column, array_values($tints), null, new Box(0, 0, 700, 700)),
        ];
    }

    /**
     * Parts of a whole where they are that, else amounts, with the reason.
     *
     * @param list<Problem> $problems
     *
     * @throws ImpossibleFigures where no form can show them
     */
    private static function found(Table $table, string $column, array &$problems): Figures
    {
        try {
            return Figures::ofWhole($table, $column);
        } catch (ImpossibleFigures $reason) {
            $found = Figures::ofAmounts($table, $column, true);
            $problems[] = Problem::notice('no-parts', $reason->where, $reason->getMessage(), $reason->rowId);

            return $found;
        }
    }

    /** @return array<string, mixed> the beginning of a sheet */
    private static function shown(Grid $grid): array
    {
        $rows = [];
        foreach (array_slice($grid->rows, 0, self::ROWS) as $row) {
            $rows[] = array_map(
                static fn (string $cell): string => mb_strimwidth($cell, 0, self::SIGNS, '…'),
                array_slice($row, 0, self::COLUMNS),
            );
        }

        return [
            'rows' => $rows,
            'rowCount' => count($grid->rows),
            'isCut' => $grid->isCut,
            'width' => $grid->width,
            'columns' => array_map(Grid::letters(...), range(0, max(0, min($grid->width, self::COLUMNS) - 1))),
            'hiddenRows' => $grid->hiddenRows,
            'hiddenColumns' => $grid->hiddenColumns,
        ];
    }

    /** @param array<string, mixed> $answer */
    private static function response(array $answer): JsonResponse
    {
        return response()->json($answer, 200, [], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
