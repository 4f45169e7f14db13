<?php

declare(strict_types=1);

namespace App\Desk;

use Lupine\Core\Settings\BadPiece;

/** A ready-made piece to begin from: a file of demo/starters. */
final class Starter
{
    /** In the order in which the shelf shows them. */
    private const NAMES = [
        'lamplight', 'print-shop', 'enamel', 'glass', 'signal', 'cloth', 'chalk', 'ledger', 'pie', 'bars', 'columns',
        'line', 'area', 'tilted', 'dial', 'rings', 'strip', 'ribbon', 'donut', 'years', 'columns-and-line',
        'two-charts',
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return self::NAMES;
    }

    /** @throws BadPiece where there is none of that name */
    public static function text(string $name): string
    {
        $text = in_array($name, self::NAMES, true)
            ? file_get_contents(base_path('demo/starters/'.$name.'.json'))
            : false;

        return is_string($text)
            ? $text
            : throw new BadPiece(
                sprintf('There is no starter “%s”. There are: %s.', $name, implode(', ', self::NAMES)),
                'starter',
            );
    }
}
