<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Settings\PlainText;

/** The name of a sheet as it can be shown and kept, whatever the file says. */
final readonly class SheetName
{
    private const LONGEST = 200;

    public static function of(string $name): string
    {
        return mb_strimwidth(PlainText::writable($name), 0, self::LONGEST, '…');
    }
}
