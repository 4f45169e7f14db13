<?php

declare(strict_types=1);

namespace App\Papers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Film\FileOrder;
use App\Film\Maker;
use App\Film\Renderer;
use Lupine\Core\Papers\FrameValues;
use Lupine\Core\Papers\Markers;
use Lupine\Core\Papers\SeenTable;
use Lupine\Core\Papers\Table;
use Lupine\Core\Settings\BadPiece;

/** The figures as a spreadsheet: a sheet for each chart, and one with what they are while all stand still. */
final readonly class WorkbookMaker implements Maker
{
    /** signs of a sheet's name, and those that it may not have (ECMA-376, 18.2.19) */
    private const LONGEST_NAME = 31;
    private const FORBIDDEN = '/[\[\]:*?\/\\\\]/';

    public function __construct(private ComputedPiece $computed, private Renderer $renderer)
    {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $piece = $placed->piece;
        $timings = $this->computed->timings($placed);
        $sheets = $taken = [];
        foreach ($piece->charts as $chart) {
            $sheets[] = self::sheet(Markers::named($piece, $chart), SeenTable::of($piece, $chart, $timings), $taken);
        }
        try {
            $sheets[] = self::sheet('Holds', FrameValues::of($piece, $timings, true), $taken);
        } catch (BadPiece) {
            // Too much to look at on every frame: the charts alone.
        }
        $this->renderer->workbook($sheets, $target);

        return true;
    }

    /**
     * @param array<string, true> $taken names of sheets before
     *
     * @return array{name: string, heads: list<string>, rows: list<list<mixed>>}
     */
    private static function sheet(string $name, Table $table, array &$taken): array
    {
        $plain = trim((string) preg_replace(self::FORBIDDEN, ' ', ucfirst($name)), "' ");
        for ($number = 1;; ++$number) {
            $end = $number === 1 ? '' : ' '.$number;
            $free = mb_substr($plain === '' ? 'Chart' : $plain, 0, self::LONGEST_NAME - strlen($end)).$end;
            if (!isset($taken[mb_strtolower($free)])) {
                break;
            }
        }
        $taken[mb_strtolower($free)] = true;

        return [
            'name' => $free,
            'heads' => $table->heads,
            'rows' => array_map(static fn (array $row): array => array_map(self::cell(...), $row), $table->rows),
        ];
    }

    /** Numbers as numbers and shares as shares, so that they can be reckoned with. */
    private static function cell(string|int|float|null $cell): mixed
    {
        return match (true) {
            !is_string($cell) => $cell,
            is_numeric($cell) => (float) $cell,
            preg_match('/^-?\d+(\.\d+)? %$/D', $cell) === 1 => ['share' => (float) $cell / 100],
            default => $cell,
        };
    }
}
