<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;

/**
 * Sums as people type them into number fields: `65*3.6`, `1248-938`, `(12+30)/2`, also with × ÷ and a long minus.
 * Exact: the result is a fraction, never a binary float.
 */
final class Arithmetic extends Calculation
{
    /**
     * @param string $expression numbers with a decimal point, + - * / and parentheses
     *
     * @throws NotANumber
     */
    public static function evaluate(string $expression): BigRational
    {
        $plain = str_replace(['×', '÷', '−', '–'], ['*', '/', '-', '-'], $expression);
        if (preg_match('/[\d.]\s+[\d.]/u', $plain) === 1) {
            throw new NotANumber(sprintf('“%s” has two numbers with no operator between them.', trim($expression)));
        }
        $plain = (string) preg_replace('/\s+/u', '', $plain);
        if ($plain === '' || strlen($plain) > 200) {
            throw new NotANumber(
                $plain === '' ? 'There is no number here.' : 'This sum is too long. The limit is 200 characters.',
            );
        }
        preg_match_all('/\d+(?:\.\d+)?|\.\d+|[-+*\/()]/', $plain, $found);
        if (implode('', $found[0]) !== $plain) {
            throw new NotANumber(
                sprintf('“%s” is not a number. Numbers, + − × ÷ and brackets can be used.', trim($expression)),
            );
        }

        return (new self($found[0], trim($expression)))->value();
    }

    protected function operand(): BigRational
    {
        $token = $this->take();
        if ($token === '-') {
            return $this->operand()->negated();
        }
        if ($token === '+') {
            return $this->operand();
        }
        if ($token === '(') {
            return $this->bracketed();
        }
        if ($token === null || preg_match('/^[\d.]/', $token) !== 1) {
            throw $this->broken();
        }

        return self::number($token);
    }

    protected function broken(): NotANumber
    {
        return new NotANumber(sprintf('The sum “%s” is not complete.', $this->typed));
    }
}
