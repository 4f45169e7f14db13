<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * A formula with references to other cells: `=[.B2]+[.C2]`, `=SUM([.B2:.B9])*1.2`.
 *
 * Source: OASIS, Open Document Format for Office Applications 1.2, part 2: Recalculated Formula (OpenFormula) Format,
 * 5 (expressions) and 6 (functions). References without their brackets and point are understood as well. Exact: the
 * result is a fraction.
 */
final class Formula extends Calculation
{
    private const REFERENCE = '\[?\.?\$?[A-Z]{1,3}\$?\d{1,5}(?::\.?\$?[A-Z]{1,3}\$?\d{1,5})?\]?';

    private const FUNCTIONS = ['SUM', 'AVERAGE', 'MIN', 'MAX', 'COUNT', 'PRODUCT', 'MEDIAN', 'ROUND', 'ABS'];

    /** the largest power that is worked out */
    private const MOST_POWER = 64;

    /**
     * @param list<string> $tokens
     * @param \Closure(int $column, int $row): (BigRational|null) $cell the number in a cell, null where it is empty
     */
    private function __construct(array $tokens, string $typed, private readonly \Closure $cell)
    {
        parent::__construct($tokens, $typed);
    }

    /** Does it ask for other cells, or name a function? What is a plain sum needs no table. */
    public static function isOne(string $typed): bool
    {
        return preg_match('/^\s*=.*(?:[A-Za-z]\$?\d|[A-Za-z]\s*\(|\^)/s', $typed) === 1;
    }

    /**
     * @param \Closure(int $column, int $row): (BigRational|null) $cell the number in a cell, both counted from 0 with
     *                                                                  the labels and the heads; null: it is empty
     *
     * @throws NotANumber
     */
    public static function evaluate(string $typed, \Closure $cell): BigRational
    {
        $text = (string) preg_replace('/^\s*=|\s+/u', '', strtoupper($typed));
        $text = str_replace(['×', '÷', '−', '–'], ['*', '/', '-', '-'], $text);
        preg_match_all('/'.self::REFERENCE.'|[A-Z]+(?=\()|\d+(?:\.\d+)?|\.\d+|[-+*\/^%();:]/', $text, $found);
        if (implode('', $found[0]) !== $text || $text === '') {
            throw new NotANumber(sprintf(
                'Cannot read the formula “%s”. Write it like =[.B2]+[.C2] or =SUM([.B2:.B9]).',
                trim($typed),
            ));
        }

        return (new self($found[0], trim($typed), $cell))->value();
    }

    protected function operand(): BigRational
    {
        $value = $this->signed();
        while ($this->peek() === '^') {
            $this->take();
            $power = $this->signed()->simplified();
            if (!$power->getDenominator()->isEqualTo(1) || $power->abs()->isGreaterThan(self::MOST_POWER)) {
                throw new NotANumber(sprintf(
                    '“%s”: a power must be a whole number of at most %d.',
                    $this->typed,
                    self::MOST_POWER,
                ));
            }
            $raised = $value->power(abs($power->getNumerator()->toInt()));
            $value = $power->isNegative() ? $this->divided(BigRational::one(), $raised) : $raised;
        }

        return $value;
    }

    /** A sign binds closer than a power: −2^2 is 4. Source: the same, 5.5, operators. */
    private function signed(): BigRational
    {
        $sign = $this->peek();
        if ($sign === '-' || $sign === '+') {
            $this->take();

            return $sign === '-' ? $this->signed()->negated() : $this->signed();
        }
        $value = $this->single();
        while ($this->peek() === '%') {
            $this->take();
            $value = $value->dividedBy(100);
        }

        return $value;
    }

    private function single(): BigRational
    {
        $token = $this->take() ?? throw $this->broken();
        if ($token === '(') {
            return $this->bracketed();
        }
        if (preg_match('/^[\d.]+$/', $token) === 1) {
            return self::number($token);
        }
        if ($this->peek() === '(') {
            $this->take();

            return $this->worked($token, $this->arguments());
        }
        if (preg_match('/\d/', $token) !== 1) {
            throw $this->broken();
        }
        $cells = $this->cells($token);
        if (count($cells) !== 1) {
            throw new NotANumber(sprintf('“%s”: a range of cells needs a function, such as SUM.', $this->typed));
        }

        return $cells[0] ?? BigRational::zero();
    }

    /** @return list<list<BigRational|null>> the cells of each */
    private function arguments(): array
    {
        $arguments = [];
        do {
            $token = $this->peek();
            $next = $this->peek(1);
            $isAlone = $token !== null && preg_match('/^\[?\.?\$?[A-Z]{1,3}\$?\d/', $token) === 1
                && in_array($next, [';', ')', null], true);
            if ($isAlone) {
                $arguments[] = $this->cells((string) $this->take());
            } else {
                $arguments[] = [$this->sum()];
            }
            $end = $this->take();
        } while ($end === ';');
        if ($end !== ')') {
            throw $this->broken();
        }

        return $arguments;
    }

    /** @param list<list<BigRational|null>> $arguments */
    private function worked(string $function, array $arguments): BigRational
    {
        $all = array_values(array_filter(
            array_merge([], ...$arguments),
            static fn (?BigRational $one): bool => $one !== null,
        ));
        $first = $all[0] ?? BigRational::zero();

        return match ($function) {
            'SUM' => $this->added($all),
            'COUNT' => BigRational::of(count($all)),
            'AVERAGE' => $this->divided($this->added($all), BigRational::of(count($all))),
            'MIN' => $all === [] ? $first : BigRational::min(...$all),
            'MAX' => $all === [] ? $first : BigRational::max(...$all),
            'PRODUCT' => array_reduce(
                $all,
                static fn (BigRational $one, BigRational $other): BigRational => $one->multipliedBy($other),
                $all === [] ? BigRational::zero() : BigRational::one(),
            ),
            'MEDIAN' => $this->median($all),
            'ABS' => $first->abs(),
            'ROUND' => $this->rounded($first, ($all[1] ?? BigRational::zero())->simplified()),
            default => throw new NotANumber(sprintf(
                '“%s”: unknown function %s. Available: %s.',
                $this->typed,
                $function,
                implode(', ', self::FUNCTIONS),
            )),
        };
    }

    /** @param list<BigRational> $numbers */
    private function added(array $numbers): BigRational
    {
        $sum = BigRational::zero();
        foreach ($numbers as $number) {
            $sum = $sum->plus($number)->simplified();
        }

        return $sum;
    }

    /** @param list<BigRational> $numbers */
    private function median(array $numbers): BigRational
    {
        if ($numbers === []) {
            throw new NotANumber(sprintf('“%s” contains no numbers.', $this->typed));
        }
        usort($numbers, static fn (BigRational $one, BigRational $other): int => $one->compareTo($other));
        $middle = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1
            ? $numbers[$middle]
            : $numbers[$middle - 1]->plus($numbers[$middle])->dividedBy(2);
    }

    /** Halves away from zero. Source: the same, 6.17.5, ROUND. */
    private function rounded(BigRational $number, BigRational $digits): BigRational
    {
        $places = max(-15, min(15, (int) $digits->toFloat()));
        $unit = BigRational::of(10)->power(abs($places));
        $scaled = $places >= 0 ? $number->multipliedBy($unit) : $number->dividedBy($unit);
        $whole = BigRational::of($scaled->toScale(0, RoundingMode::HALF_UP));

        return $places >= 0 ? $whole->dividedBy($unit) : $whole->multipliedBy($unit);
    }

    /** @return list<BigRational|null> what a reference, or a range of them, says; null where a cell is empty */
    private function cells(string $reference): array
    {
        preg_match_all('/([A-Z]{1,3})\$?(\d+)/', $reference, $found, PREG_SET_ORDER);
        [$first, $last] = [$found[0], $found[1] ?? $found[0]];
        $columns = [self::column($first[1]), self::column($last[1])];
        $rows = [(int) $first[2] - 1, (int) $last[2] - 1];
        $cells = [];
        for ($row = min($rows); $row <= max($rows); ++$row) {
            for ($column = min($columns); $column <= max($columns); ++$column) {
                $cells[] = ($this->cell)($column, $row);
            }
        }

        return $cells;
    }

    /** A is 0, Z 25, AA 26. */
    private static function column(string $letters): int
    {
        $number = 0;
        foreach (str_split($letters) as $letter) {
            $number = $number * 26 + ord($letter) - 64;
        }

        return $number - 1;
    }

    protected function broken(): NotANumber
    {
        return new NotANumber(sprintf('The formula “%s” is not complete.', $this->typed));
    }
}
