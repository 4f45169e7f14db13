<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Which texts can be written into every format that Lupine hands off. */
final readonly class PlainText
{
    /** Source: W3C, Extensible Markup Language (XML) 1.0, fifth edition, 2.2, production 2, Char. */
    private const UNWRITABLE = '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u';

    /** The first sign that no XML document, and so no SVG, can hold, named to be shown; null where there is none. */
    public static function unwritableIn(string $text): ?string
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            return 'bytes that are not UTF-8';
        }

        return preg_match(self::UNWRITABLE, $text, $found) === 1
            ? sprintf('the character U+%04X', mb_ord($found[0], 'UTF-8'))
            : null;
    }

    /** The text without such signs; what is not UTF-8 is read as Windows-1252, which every byte is. */
    public static function writable(string $text): string
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }

        return (string) preg_replace(self::UNWRITABLE, '', $text);
    }
}
