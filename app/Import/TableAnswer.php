<?php

declare(strict_types=1);

namespace App\Import;

use App\Api\FormChoice;
use App\Api\IncomingTable;
use App\Api\Problem as ToldProblem;
use App\Api\ReadFigure;
use App\Api\ReadTable;
use App\Api\SeenGrid;
use App\Api\SheetName;
use App\Api\TakenTable;
use Lupine\Core\Drawing\FormChoices;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Formats\FirstForm;
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
    public function of(Taken $taken, ?string $whole): ReadTable
    {
        return new ReadTable(...$this->figures($taken, $whole));
    }

    /** @throws UnreadableFile */
    public function ofFile(string $id, int $sheet, Choices $choices, ?string $whole): IncomingTable
    {
        $grid = $this->incoming->grid($id, $sheet);
        $problem = $understood = null;
        try {
            $taken = Taking::from($grid, $choices);
            $understood = new TakenTable(
                new ReadTable(...$this->figures($taken, $whole)),
                heading: $taken->heading,
                roles: $taken->roles,
                layout: $taken->layout,
                understood: $taken->understood,
                leftOut: $taken->leftOut,
                title: $taken->title,
                skipped: $taken->skipped,
            );
        } catch (ImpossibleFigures $reason) {
            // The sheet is shown all the same: another heading or another column may make a table of it.
            $problem = $reason->getMessage();
        }

        return new IncomingTable(
            $id,
            $this->incoming->name($id),
            $sheet,
            array_map(
                static fn (array $one): SheetName => new SheetName($one['name'], $one['isHidden']),
                $this->incoming->sheets($id),
            ),
            self::shown($grid),
            $problem,
            $understood,
        );
    }

    /**
     * @return array{
     *     table: array<string, mixed>, hasLabels: bool, figures: list<ReadFigure>, whole: string|null,
     *     problems: list<ToldProblem>, forms: list<FormChoice>, numbers: string, openNumber: string|null,
     *     form: string, moments: int|null, hasTotals: bool
     * }
     */
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
                $share = number_format($figure->share() * 100, 1).' %';
                $figures[] = new ReadFigure($figure->id, $figure->label, $part, $share, $tints[$index]);
            }
            array_push($problems, ...$found->notices);
            $whole = number_format($found->whole->toFloat(), fmod($found->whole->toFloat(), 1.0) === 0.0 ? 0 : 2);
        } catch (ImpossibleFigures $reason) {
            $problems[] = Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);
            $whole = null;
        }

        $first = FirstForm::of($table);

        return [
            'table' => $table->toDocument(),
            'hasLabels' => $taken->hasLabels,
            'figures' => $figures,
            'whole' => $whole,
            'problems' => array_map(ToldProblem::of(...), $problems),
            'forms' => array_map(
                static fn (array $form): FormChoice => new FormChoice(...$form),
                $this->choices->of($table, $column, array_values($tints), null, new Box(0, 0, 700, 700)),
            ),
            'numbers' => $taken->numbers->value,
            'openNumber' => $taken->openNumber,
            'form' => $first->form,
            'moments' => $first->isRun ? count($table->columns) : null,
            'hasTotals' => $taken->hasTotals,
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

    /** The beginning of a sheet. */
    private static function shown(Grid $grid): SeenGrid
    {
        $rows = [];
        foreach (array_slice($grid->rows, 0, self::ROWS) as $row) {
            $rows[] = array_map(
                static fn (string $cell): string => mb_strimwidth($cell, 0, self::SIGNS, '…'),
                array_slice($row, 0, self::COLUMNS),
            );
        }

        return new SeenGrid(
            $rows,
            count($grid->rows),
            $grid->isCut,
            $grid->width,
            array_map(Grid::letters(...), range(0, max(0, min($grid->width, self::COLUMNS) - 1))),
            $grid->hiddenRows,
            $grid->hiddenColumns,
        );
    }
}
