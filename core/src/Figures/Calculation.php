<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\Exception\DivisionByZeroException;

/** Sums of products, read from left to right; what a product is made of, each kind says itself. Exact fractions. */
abstract class Calculation
{
    private int $at = 0;

    /** @param list<string> $tokens */
    protected function __construct(private readonly array $tokens, protected readonly string $typed)
    {
    }

    /** @throws NotANumber */
    abstract protected function operand(): BigRational;

    abstract protected function broken(): NotANumber;

    /** All of it. @throws NotANumber where something is left over, or missing */
    protected function value(): BigRational
    {
        $value = $this->sum();
        if ($this->at !== count($this->tokens)) {
            throw $this->broken();
        }

        return $value->simplified();
    }

    protected function sum(): BigRational
    {
        $value = $this->product();
        while (in_array($this->peek(), ['+', '-'], true)) {
            $value = $this->take() === '+' ? $value->plus($this->product()) : $value->minus($this->product());
        }

        return $value;
    }

    /** What stands in brackets, after the first of them. */
    protected function bracketed(): BigRational
    {
        $value = $this->sum();
        if ($this->take() !== ')') {
            throw $this->broken();
        }

        return $value;
    }

    protected function divided(BigRational $number, BigRational $by): BigRational
    {
        try {
            return $number->dividedBy($by);
        } catch (DivisionByZeroException) {
            throw new NotANumber(sprintf('“%s” divides by zero.', $this->typed));
        }
    }

    /** A number with a decimal point, which may be its first sign. */
    protected static function number(string $token): BigRational
    {
        return BigRational::of($token[0] === '.' ? '0'.$token : $token);
    }

    /** @param int $ahead 0: the next one */
    protected function peek(int $ahead = 0): ?string
    {
        return $this->tokens[$this->at + $ahead] ?? null;
    }

    protected function take(): ?string
    {
        return $this->tokens[$this->at++] ?? null;
    }

    private function product(): BigRational
    {
        $value = $this->operand();
        while (in_array($this->peek(), ['*', '/'], true)) {
            $value = $this->take() === '*'
                ? $value->multipliedBy($this->operand())
                : $this->divided($value, $this->operand());
        }

        return $value;
    }
}
