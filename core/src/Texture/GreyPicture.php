<?php

declare(strict_types=1);

namespace Lupine\Core\Texture;

/** Bytes as a PNG. Source: Portable Network Graphics, third edition, W3C 2025. */
final readonly class GreyPicture
{
    private const SIGNATURE = "\x89PNG\r\n\x1a\n";
    private const GREY = 0;
    private const GREY_AND_ALPHA = 4;
    private const COLOUR_AND_ALPHA = 6;

    /**
     * @param string $bytes one a pixel, row by row
     * @param positive-int $side
     */
    public static function grey(string $bytes, int $side): string
    {
        return self::png($side, self::GREY, str_split($bytes, $side));
    }

    /**
     * Black below level and white above it, the more opaque the farther from there.
     *
     * @param positive-int $side
     */
    public static function relief(string $bytes, int $side): string
    {
        $both = [];
        for ($value = 0; $value < 256; ++$value) {
            $both[chr($value)] = chr($value > 128 ? 255 : 0).chr(min(255, abs($value - 128) * 2));
        }

        return self::png($side, self::GREY_AND_ALPHA, str_split(strtr($bytes, $both), $side * 2));
    }

    /**
     * @param positive-int $side
     * @param float $amount how much of what it leaves away is away, 0 to 1
     */
    public static function cover(string $bytes, int $side, float $amount): string
    {
        $both = [];
        for ($value = 0; $value < 256; ++$value) {
            $both[chr($value)] = "\0".chr((int) round(255 - $amount * (255 - $value)));
        }

        return self::png($side, self::GREY_AND_ALPHA, str_split(strtr($bytes, $both), $side * 2));
    }

    /**
     * One colour, as opaque as the bytes say.
     *
     * @param string $bytes one a pixel, row by row
     * @param positive-int $width
     * @param string $colour such as #2f6b52
     */
    public static function coloured(string $bytes, int $width, string $colour): string
    {
        $ink = (string) hex2bin(substr($colour, 1));
        $all = [];
        for ($value = 0; $value < 256; ++$value) {
            $all[chr($value)] = $ink.chr($value);
        }

        return self::png($width, self::COLOUR_AND_ALPHA, str_split(strtr($bytes, $all), $width * 4));
    }

    /** @param list<string> $rows */
    private static function png(int $width, int $colourType, array $rows): string
    {
        $header = pack('NNCCCCC', $width, count($rows), 8, $colourType, 0, 0, 0);
        $pixels = (string) gzcompress("\0".implode("\0", $rows), 9);

        return self::SIGNATURE.self::chunk('IHDR', $header).self::chunk('IDAT', $pixels).self::chunk('IEND', '');
    }

    private static function chunk(string $kind, string $data): string
    {
        return pack('N', strlen($data)).$kind.$data.pack('N', crc32($kind.$data));
    }
}
