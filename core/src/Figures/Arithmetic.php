<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\Exception\DivisionByZeroException;

/**
 * Sums as people type them into number fields: `65*3.6`, `1248-938`, `(12+30)/2`, also with × ÷ and a long minus.
 * Exact: the result is a fraction, never a binary float.
 */
final class Arithmetic
{
    private int $at = 0;

    /** @param list<string> $tokens */
    private function __construct(private readonly array $tokens, private readonly string $typed)
    {
    }

    /**
     * @param string $expression numbers with a decimal point, + - * / and parentheses
     *
     * @throws NotANumber
     */
    public static function evaluate(string $expression): BigRational
    {
        $plain = str_replace(['×', '÷', '−', '–'], ['*', '/', '-', '-'], $expression);
        if (preg_match('/[\d.]\s+[\d.]/u', $plain) === 1) {
            throw new NotANumber(sprintf('“%s” is two numbers with nothing between them.', trim($expression)));
        }
        $plain = (string) preg_replace('/\s+/u', '', $plain);
        if ($plain === '' || strlen($plain) > 200) {
            throw new NotANumber(
                $plain === '' ? 'There is no number here.' : 'This sum is too long; 200 signs are the limit.',
            );
        }
        preg_match_all('/\d+(?:\.\d+)?|\.\d+|[-+*\/()]/', $plain, $found);
        if (implode('', $found[0]) !== $plain) {
            throw new NotANumber(
                sprintf('“%s” is not a number. Numbers, + − × ÷ and brackets can be used.', trim($expression)),
            );
        }
        $sum = new self($found[0], trim($expression));
        $value = $sum->sum();
        if ($sum->at !== count($sum->tokens)) {
            throw $sum->broken();
        }

        return $value->simplified();
    }

    private function sum(): BigRational
    {
        $value = $this->product();
        while (in_array($this->peek(), ['+', '-'], true)) {
            $value = $this->take() === '+' ? $value->plus($this->product()) : $value->minus($this->product());
        }

        return $value;
    }

    private function product(): BigRational
    {
        $value = $this->factor();
        while (in_array($this->peek(), ['*', '/'], true)) {
            try {
                $value =
                    $this->take() === '*' ? $value->multipliedBy($this->factor()) : $value->dividedBy($this->factor());
            } catch (DivisionByZeroException) {
                throw new NotANumber(sprintf('“%s” divides by zero.', $this->typed));
            }
        }

        return $value;
    }

    private function factor(): BigRational
    {
        $token = $this->take();
        if ($token === '-') {
            return $this->factor()->negated();
        }
        if ($token === '+') {
            return $this->factor();
        }
        if ($token === '(') {
            $value = $this->sum();
            if ($this->take() !== ')') {
                throw $this->broken();
            }

            return $value;
        }
        if ($token === null || preg_match('/^[\d.]/', $token) !== 1) {
            throw $this->broken();
        }

        return BigRational::of($token[0] === '.' ? '0'.$token : $token);
    }

    private function peek(): ?string
    {
        return $this->tokens[$this->at] ?? null;
    }

    private function take(): ?string
    {
        return $this->tokens[$this->at++] ?? null;
    }

    private function broken(): NotANumber
    {
        return new NotANumber(sprintf('The sum “%s” is not complete.', $this->typed));
    }
}
