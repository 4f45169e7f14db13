<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;

/**
 * Makes pieces in which all is as it should be: a table, a form, a title, and a narrator who says what the figures are.
 * A fault is planted by one change.
 */
final readonly class TruePiece
{
    /** table, title, and lines that are true of it */
    private const TOLD = [
        'kinds' => [
            "Kind\tThings\nKettles\t512\nLamps\t287\nClothing\t199\nBicycles\t150\nToys\t100",
            'What came through the door',
            [
                'Kettles were 512 of them, and lamps 287.', 'Kettles were the largest group.',
                'Clothing and toys together were 299.', 'More lamps than bicycles came in.',
                'Twelve per cent were bicycles.', 'There were 50 more bicycles than toys.',
                'Kettles were about 1.8 times as many as lamps.',
            ],
        ],
        'two' => [
            "What\tThings\nMended\t911\nBeyond us\t337",
            'Nearly three in four went home',
            [
                'Nearly three quarters were mended.', 'Most of them were mended.', 'The rest was beyond us.',
                'In all, 1,248 things came in.',
            ],
        ],
        'seasons' => [
            "Season\tKilos\nSpring\t618\nSummer\t291.5\nAutumn\t540",
            'Kept from the tip',
            [
                'Spring kept 618 kilos.', 'Summer was the smallest of them.',
                'Autumn and spring together were 1,158 kilos.',
            ],
        ],
        'years' => [
            "Kind\t2022\t2023\t2024\nKettles\t50\t60\t90\nLamps\t70\t65\t60\nCoats\t40\t45\t80",
            'Three years of mending',
            ['Lamps were 70 at first.', 'Fewer coats than lamps came in.'],
        ],
        'days' => [
            "Helpers\tHours\nMonday\t12\nTuesday\t8\nWednesday\t15\nThursday\t9\nFriday\t22\nSaturday\t40",
            'Who gave their time',
            ['Saturday had 40 hours.', 'Tuesday was the lowest.', 'Twice on Friday we closed late.'],
        ],
    ];
    private const FIRST = 160;
    private const LASTS = 84;

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::TOLD);
    }

    /**
     * @param array<string, mixed> $changes by path, such as charts.0.form.gap
     */
    public static function of(string $name, string $form, array $changes = []): Piece
    {
        [$table, $title, $lines] = self::TOLD[$name];
        $made = NewPiece::document(TableText::read($table), Forms::shipped()->named($form), $title, [], $title);
        /** @var array<string, mixed> $document */
        $document = json_decode(json_encode($made, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        $begin = self::FIRST;
        foreach ($lines as $place => $text) {
            $document['script']['lines'][] = [
                'id' => 'line'.($place + 1), 'text' => $text, 'begin' => $begin, 'end' => $begin + self::LASTS,
            ];
            $begin += self::LASTS + 4;
        }
        $document['stage']['frames'] = $begin + 30;

        return Piece::fromDocument(Sample::changed($document, $changes), Forms::shipped());
    }
}
