<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Script\SpokenNumber;

/**
 * Makes lines as a narrator says them, of claims with numbers and of things that have numbers in them and are none.
 * What each line tells is known, since it was made of that.
 */
final class SaidLine
{
    private const NOUNS = ['kettles', 'lamps', 'coats', 'bikes', 'things', 'visits', 'hours', 'people'];
    private const ABOUT = [
        'about', 'nearly', 'just over', 'more than', 'fewer than', 'up to', 'at least', 'almost', 'some', 'roughly',
    ];
    private const PARTS = [
        'half' => '1/2', 'a third' => '1/3', 'two thirds' => '2/3', 'a quarter' => '1/4', 'three quarters' => '3/4',
        'a fifth' => '1/5', 'three fifths' => '3/5', 'a tenth' => '1/10', 'nine tenths' => '9/10', 'one eighth' => '1/8',
        'two-thirds' => '2/3', 'three-quarters' => '3/4', 'one-fifth' => '1/5', 'a good third' => '1/3',
    ];

    /** common practice, no source: none of them is a figure */
    private const NONE = [
        'in 2019', 'by the end of 2023', 'from 2015 to 2018', 'at nine o’clock', 'at half past four', 'on the 3rd of May',
        'on May 12', 'aged 40', 'with a 60-year-old', 'in Room 101', 'after Step 2', 'since version 3.2', 'in the 1990s',
        'for the first of them', 'with a 12-volt lamp', 'on day one', 'one by one', 'for the second time', 'at bench 4',
        'in the twenty-first century', 'on a two-year plan', 'with the 1980s radio', 'by chapter 9', 'at 10:30',
        'by 10 am', 'for a third time', 'on both sides', 'in spring 2021', 'at age seven', 'in nineteen ninety-eight',
        'on page 30', 'on 4 June', 'in the first quarter', 'in the second half of the year', 'with a second-hand lamp',
        'with one another', 'with No. 5', 'in the year two thousand and nine', 'with first-time visitors', 'in mid-2020',
        'in Q3', 'for no one', 'on one day', 'by calling 020 7946 0123', 'with a grand piano',
    ];
    private const FRAMES = [
        'In spring, %c.', '%C came in, and %c went home.', '%N, %c were mended.', '%N there were %c.',
        'Of all of them, %c, then %c, and %c.', '%N we counted %c, and %n it was %c.', 'We kept %c from the tip, %n.',
        'That is %c.', '%C, no less.', '%N there were %c; later %c.',
    ];

    /** @var list<array{string, float}> */
    public array $told = [];

    public readonly string $text;

    private readonly \Random\Randomizer $random;

    /** @param list<array{value: int|float, text: string}> $numbers whole numbers and how they are said */
    public function __construct(int $seed, private readonly array $numbers)
    {
        $this->random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $this->text = (string) preg_replace_callback('/%([cn])/i', function (array $found): string {
            $text = strtolower($found[1]) === 'n' ? $this->one(self::NONE) : $this->claim();

            return ctype_upper($found[1]) ? mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1) : $text;
        }, $this->one(self::FRAMES));
    }

    private function claim(): string
    {
        switch ($this->random->getInt(0, 9)) {
            case 0:
                [$value, $said] = $this->number(13, 1e9);
                $text = $said.' '.$this->one(self::NOUNS);

                return $this->say(SpokenNumber::AMOUNT, $value, $text);
            case 1:
                [$value, $said] = $this->number(2, 99);
                $text = is_numeric($said) && $this->random->getInt(0, 1) === 1
                    ? $said.'%'
                    : $said.' '.$this->one(['per cent', 'percent']);

                return $this->say(SpokenNumber::SHARE, $value / 100, $text.' of the '.$this->one(self::NOUNS));
            case 2:
                $value = $this->random->getInt(11, 999) / 10;

                return $this->say(SpokenNumber::SHARE, $value / 100, $value.' per cent');
            case 3:
                [$whole, $said] = $this->number(3, 20);
                $part = $this->random->getInt(1, (int) $whole - 1);
                $of = $this->one(['in', 'out of', 'out of every', 'of every', 'in every']);

                return $this->say(SpokenNumber::SHARE, $part / $whole, "{$part} {$of} {$said}");
            case 4:
                $said = $this->one(array_keys(self::PARTS));
                [$part, $whole] = explode('/', self::PARTS[$said]);
                $text = $said.' of '.$this->one(['them', 'what came in', 'the lamps']);

                return $this->say(SpokenNumber::SHARE, (int) $part / (int) $whole, $text);
            case 5:
                $value = $this->random->getInt(2, 9);
                $text = $value.' times '.$this->one(['as many', 'more kettles', 'the number of a year before']);

                return $this->say(SpokenNumber::TIMES, $value, $text);
            case 6:
                [$value, $said] = $this->number(30, 900);

                return $this->say(SpokenNumber::AMOUNT, $value, $this->one(self::ABOUT).' '.$said.' visits');
            case 7:
                $text = $this->one(['the rest', 'the remainder', 'everything else', 'what was left']);

                return $this->say(SpokenNumber::REST, 0, $text);
            case 8:
                [$low, $said] = $this->number(20, 300);
                $high = $low + $this->random->getInt(1, 9) * 10;

                return $this->say(SpokenNumber::AMOUNT, ($low + $high) / 2, "between {$said} and {$high} lamps");
            default:
                $value = $this->random->getInt(11, 99) / 10;
                [$size, $word] = $this->one([[1.0, 'tonnes'], [1e3, 'thousand'], [1e6, 'million']]);

                return $this->say(SpokenNumber::AMOUNT, $value * $size, $value.' '.$word);
        }
    }

    private function say(string $kind, float $value, string $text): string
    {
        $this->told[] = [$kind, $value];

        return $text;
    }

    /** @return array{float, string} one that is said in words or in figures */
    private function number(float $least, float $most): array
    {
        $fitting = array_values(array_filter(
            $this->numbers,
            // Four digits that could be a year are no figure by themselves.
            static fn (array $one): bool => $one['value'] >= $least && $one['value'] <= $most
                && ($one['value'] < 1800 || $one['value'] > 2100),
        ));
        ['value' => $value, 'text' => $text] = $this->one($fitting);

        return [(float) $value, $this->one([$text, (string) $value, number_format($value)])];
    }

    /**
     * @template T
     *
     * @param list<T> $all
     *
     * @return T
     */
    private function one(array $all): mixed
    {
        return $all[$this->random->getInt(0, count($all) - 1)];
    }
}
