<?php

declare(strict_types=1);

namespace App\Batch;

use App\Import\Incoming;
use Lupine\Core\Batch\Fill;
use Lupine\Core\Batch\Filled;
use Lupine\Core\Batch\NamedTable;
use Lupine\Core\Batch\Split;
use Lupine\Core\Form\Forms;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Taking;
use Lupine\Core\LupineException;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\PlainText;

/** A piece made with many tables: files, sheets, the names in a column, or columns; those that do not fit say why. */
final readonly class Fillings
{
    /** tables of one batch */
    public const MOST = 200;

    /** @param list<Filled> $filled */
    private function __construct(
        public array $filled,
        /** @var list<array{string, string}> names of tables that do not fit, and why */
        public array $wrong,
    ) {
    }

    /**
     * @param list<Field> $sources each with `file`, `by` (sheets, sheet, names or columns), `sheet` and `column`
     *
     * @throws LupineException where a file is none
     */
    public static function of(
        \stdClass $document,
        Piece $piece,
        string $table,
        array $sources,
        Incoming $incoming,
        Forms $forms,
    ): self {
        $fill = new Fill($document, $piece, $forms);
        $filled = $wrong = [];
        foreach ($sources as $source) {
            [$tables, $unread] = self::tables($source, $incoming);
            array_push($wrong, ...$unread);
            foreach ($tables as $one) {
                if (count($filled) + count($wrong) >= self::MOST) {
                    throw new BadPiece(
                        sprintf('These are more than %d tables. Make them in several batches.', self::MOST),
                        'sources',
                    );
                }
                try {
                    $with = $fill->with($one, $table);
                    // What cannot be read again is told here, and not by a film that fails.
                    Piece::fromJson(
                        json_encode($with->document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                        $forms,
                    );
                    $filled[] = $with;
                } catch (LupineException $reason) {
                    $wrong[] = [$one->name, $reason->getMessage()];
                }
            }
        }

        return new self($filled, $wrong);
    }

    /** @return array{list<NamedTable>, list<array{string, string}>} tables, and those that cannot be read */
    private static function tables(Field $source, Incoming $incoming): array
    {
        $file = $source->get('file')->text(64);
        $by = $source->get('by')->oneOf(['sheets', 'sheet', 'names', 'columns'], 'sheets');
        if ($by === 'sheets' || $by === 'sheet') {
            return self::sheets($file, $incoming, $by === 'sheet' ? $source->get('sheet')->whole(0, 10_000) : null);
        }
        $sheet = $source->get('sheet')->isNull()
            ? $incoming->firstSheet($file)
            : $source->get('sheet')->whole(0, 10_000);
        $grid = $incoming->grid($file, $sheet);
        if ($by === 'columns') {
            return [Split::byColumns(Taking::from($grid)->table), []];
        }
        [$tables, $wrong] = Split::byNames($grid, $source->get('column')->whole(0, 20_000), new Choices());
        $told = [];
        foreach ($wrong as $name => $reason) {
            $told[] = [(string) $name, $reason];
        }

        return [$tables, $told];
    }

    /**
     * @param int|null $only the index of a sheet; null: each that is shown
     *
     * @return array{list<NamedTable>, list<array{string, string}>}
     */
    private static function sheets(string $file, Incoming $incoming, ?int $only): array
    {
        $sheets = array_filter(
            $incoming->sheets($file),
            static fn (array $sheet, int $index): bool => $only === null ? !$sheet['isHidden'] : $index === $only,
            ARRAY_FILTER_USE_BOTH,
        );
        $name = PlainText::writable(strtr(pathinfo($incoming->name($file), PATHINFO_FILENAME), '-_', '  '));
        $tables = $wrong = [];
        foreach ($sheets as $index => $sheet) {
            $called = count($sheets) > 1 ? $sheet['name'] : ucfirst($name);
            try {
                $taken = Taking::from($incoming->grid($file, $index));
                $tables[] = new NamedTable($called, $taken->table, $taken->colours);
            } catch (LupineException $reason) {
                $wrong[] = [$called, $reason->getMessage()];
            }
        }

        return [$tables, $wrong];
    }
}
