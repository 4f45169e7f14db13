<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\LargestRemainder;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** One part of a whole becomes another number, and all others give or take in proportion: the whole stays. */
#[Described('Sets one part of a whole; all others give or take in proportion.')]
final readonly class SetFigure implements Act
{
    private const MOST = 1e15;

    public function __construct(
        #[Id]
        private string $chart,
        #[Id]
        #[Detail('the row')]
        private string $figure,
        #[Number('Value', Unit::Count, 0, self::MOST, 0)]
        private float $value,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = $edited->chart($this->chart);
        [$table, $place] = $edited->shownColumn($chart);
        $cells = [];
        foreach (Json::objects($table->rows ?? null) as $row) {
            $typed = Edited::cell($row, $place);
            if (trim($typed) !== '' && !CellNumber::isWorkedOut($typed)) {
                $cells[Json::text($row, 'id')] = [$row, $this->read($typed, $row)];
            }
        }
        $its = $cells[$this->figure] ?? throw new BadPiece('This figure is worked out, or not in the sheet.', 'with.figure');
        unset($cells[$this->figure]);
        $decimals = max([$its[1]->decimals, ...array_map(static fn (array $one): int => $one[1]->decimals, $cells)]);
        $value = BigRational::of(number_format($this->value, $decimals, '.', ''));
        $others = BigRational::zero();
        foreach ($cells as [, $cell]) {
            $others = $others->plus($cell->value)->simplified();
        }
        $left = $its[1]->value->plus($others)->minus($value)->simplified();
        if ($left->isNegative() || ($others->isZero() && !$left->isZero())) {
            throw new BadPiece('The others have not so much to give. Take at most all that they are.', 'with.value');
        }
        $parts = $others->isZero() ? [] : array_map(
            static fn (array $one): BigRational => $one[1]->value->multipliedBy($left)->dividedBy($others)
                ->simplified(),
            array_values($cells),
        );
        foreach (LargestRemainder::round($parts, $decimals) as $at => $part) {
            [$row, $cell] = array_values($cells)[$at];
            self::write($row, $place, $cell, $part, $decimals);
        }
        self::write($its[0], $place, $its[1], $value, $decimals);

        return [$this->figure];
    }

    private function read(string $typed, \stdClass $row): CellNumber
    {
        try {
            return CellNumber::read($typed);
        } catch (NotANumber $reason) {
            throw new BadPiece($reason->getMessage(), 'row '.Json::text($row, 'label'));
        }
    }

    private static function write(\stdClass $row, int $place, CellNumber $was, BigRational $value, int $decimals): void
    {
        $text = (string) $value->toScale($decimals, RoundingMode::HALF_UP);
        $cells = is_array($row->cells) ? $row->cells : [];
        $cells[$place] = match ($was->unit) {
            '' => $text,
            '%' => $text.' %',
            default => $was->unit.' '.$text,
        };
        $row->cells = $cells;
    }
}
