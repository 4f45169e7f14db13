<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\NumberStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumberStyleTest extends TestCase
{
    /** @return iterable<string, array{list<string>, NumberStyle}> */
    public static function columns(): iterable
    {
        yield 'both signs' => [['1,248.50'], NumberStyle::DecimalPoint];
        yield 'both signs, the other way' => [['1.248,50'], NumberStyle::DecimalComma];
        yield 'a sign that stands twice groups' => [['1.248.000'], NumberStyle::DecimalComma];
        yield 'two digits after a comma' => [['512', '3,25'], NumberStyle::DecimalComma];
        yield 'a comma with three digits settles nothing' => [['1,248', '512'], NumberStyle::DecimalPoint];
        yield 'one row settles it for all' => [['1.248', '412,5'], NumberStyle::DecimalComma];
        yield 'nothing to go by' => [['12', '7'], NumberStyle::DecimalPoint];
    }

    /** @param list<string> $texts */
    #[DataProvider('columns')]
    public function testTheColumnTellsHowItIsWritten(array $texts, NumberStyle $style): void
    {
        self::assertSame($style, NumberStyle::detect($texts));
    }
}
