<?php

declare(strict_types=1);

namespace Lupine\Core\Palette;

/**
 * Reads colours from what people have them in: lists of hexadecimal codes, CSS custom properties (W3C CSS Custom
 * Properties for Cascading Variables), palettes as text (GPL) and swatch exchange files (ASE, of which there is no
 * published specification: as those describe it who read them).
 */
final readonly class ReadPalette
{
    public const MOST_BYTES = 500_000;

    private const GPL = 'GIMP Palette';
    private const ASE = 'ASEF';

    /** of an ASE block: a colour */
    private const COLOUR = 0x0001;

    private const PROPERTY = '/--([\w-]+)\s*:\s*(#[0-9a-f]{3,8}\b|rgba?\([^)]*\))/iu';
    private const CODE = '/(?<![\w&])#?([0-9a-f]{8}|[0-9a-f]{6}|[0-9a-f]{3})(?![\w])/iu';

    /**
     * @param string $name what it is called where the file does not say
     *
     * @throws BadPalette where there are no colours in it, or it is broken
     */
    public static function of(string $bytes, string $name = 'Palette'): Palette
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new BadPalette('This is larger than 500 kB, too large for a palette. Take what you need of it.');
        }
        if (str_starts_with($bytes, self::ASE)) {
            return self::ase($bytes, $name);
        }
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes);
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new BadPalette(
                'This is neither text nor a swatch file. Paste hex codes, or choose a GPL, ASE or CSS file.',
            );
        }
        if (str_starts_with(ltrim($text), self::GPL)) {
            return self::gpl($text, $name);
        }
        preg_match_all(self::PROPERTY, $text, $properties);
        $colours = array_values(array_filter(
            array_map(self::cssColour(...), $properties[2]),
            static fn (?string $colour): bool => $colour !== null,
        ));

        return $colours !== [] ? new Palette($name, $colours) : self::codes($text, $name);
    }

    private static function codes(string $text, string $name): Palette
    {
        preg_match_all(self::CODE, $text, $found);
        // A number of three digits is a code only where the rest are.
        $isMarked = str_contains($text, '#');
        $colours = [];
        foreach ($found[0] as $place => $whole) {
            if (str_starts_with($whole, '#') || (!$isMarked && strlen($found[1][$place]) === 6)) {
                $colours[] = self::six($found[1][$place]);
            }
        }
        if ($colours === []) {
            throw new BadPalette(
                'There are no colours in this. Write them as codes such as #2f6b52, or choose a GPL, ASE or CSS file.',
            );
        }

        return new Palette($name, $colours);
    }

    private static function cssColour(string $text): ?string
    {
        if ($text[0] === '#') {
            return self::six(substr($text, 1));
        }
        preg_match_all('/\d+(?:\.\d+)?%?/', $text, $parts);
        $channels = array_map(
            static fn (string $part): float => str_ends_with($part, '%') ? (float) $part * 2.55 : (float) $part,
            array_slice($parts[0], 0, 3),
        );

        return count($channels) === 3 ? self::hex($channels) : null;
    }

    private static function gpl(string $text, string $name): Palette
    {
        $colours = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $number => $line) {
            if (preg_match('/^\s*Name:\s*(.+)$/iu', $line, $found) === 1) {
                $name = $found[1];
            } elseif (preg_match('/^\s*(\d+)\s+(\d+)\s+(\d+)(?:\s|$)/', $line, $found) === 1) {
                $channels = array_map(floatval(...), array_slice($found, 1));
                if (max($channels) > 255) {
                    throw new BadPalette(
                        sprintf('Line %d has a number above 255. Colours go from 0 to 255.', $number + 1),
                    );
                }
                $colours[] = self::hex($channels);
            }
        }
        if ($colours === []) {
            throw new BadPalette('This palette has no colours in it.');
        }

        return new Palette($name, $colours);
    }

    private static function ase(string $bytes, string $name): Palette
    {
        $read = static function (int $at, int $length) use ($bytes): string {
            $part = substr($bytes, $at, $length);

            return strlen($part) === $length
                ? $part
                : throw new BadPalette('This swatch file ends in the middle of a colour. Export it again.');
        };
        $number = static fn (int $at, int $length): int => (int) hexdec(bin2hex($read($at, $length)));
        $blocks = $number(8, 4);
        $at = 12;
        $colours = [];
        for ($block = 0; $block < $blocks && $block < 10_000; ++$block) {
            [$kind, $length] = [$number($at, 2), $number($at + 2, 4)];
            if ($kind === self::COLOUR) {
                $from = $at + 8 + 2 * $number($at + 6, 2);
                $colours[] = self::aseColour(
                    $read($from, 4),
                    static fn (int $place): float => self::float($read($from + 4 + 4 * $place, 4)),
                );
            }
            $at += 6 + $length;
        }
        if ($colours === []) {
            throw new BadPalette('This swatch file has no colours in it.');
        }

        return new Palette($name, $colours);
    }

    /** A number of single precision as IEEE 754 has it, the largest byte first. */
    private static function float(string $bytes): float
    {
        $read = unpack('Gnumber', $bytes);
        $number = $read === false ? 0.0 : $read['number'];

        return is_float($number) ? $number : 0.0;
    }

    /** @param \Closure(int): float $part */
    private static function aseColour(string $model, \Closure $part): string
    {
        return match (trim($model)) {
            'RGB' => self::hex([$part(0) * 255, $part(1) * 255, $part(2) * 255]),
            'Gray' => self::hex([$part(0) * 255, $part(0) * 255, $part(0) * 255]),
            // Without a profile inks are only about what they print as.
            'CMYK' => self::hex(array_map(
                static fn (int $ink): float => 255 * (1 - $part($ink)) * (1 - $part(3)),
                [0, 1, 2],
            )),
            default => throw new BadPalette(sprintf(
                'This swatch file has colours as %s, which Lupine does not read. Export them as RGB.',
                trim($model),
            )),
        };
    }

    /** @param array<float> $channels red, green and blue, 0 to 255 */
    private static function hex(array $channels): string
    {
        return vsprintf('#%02x%02x%02x', array_map(
            static fn (float $channel): int => (int) round(max(0.0, min(255.0, $channel))),
            $channels,
        ));
    }

    /** A code of three, six or eight digits as one of six; what it says of opacity is left out. */
    private static function six(string $digits): string
    {
        return '#'.strtolower(strlen($digits) < 6
            ? (string) preg_replace('/./', '$0$0', substr($digits, 0, 3))
            : substr($digits, 0, 6));
    }
}
