<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/**
 * A colour of the sRGB space (IEC 61966-2-1), with its lightness, chroma and hue in OKLab (Ottosson 2020).
 */
final readonly class Colour
{
    /** colours that are kept as they were read last; a piece has a few, and asks for them often */
    private const KNOWN = 500;

    /** Each 0 to 1, gamma-encoded. */
    private function __construct(public float $red, public float $green, public float $blue)
    {
    }

    /** @throws BadColour */
    public static function hex(string $hex): self
    {
        /** @var array<string, self> $known */
        static $known = [];
        if (isset($known[$hex])) {
            return $known[$hex];
        }
        if (count($known) >= self::KNOWN) {
            $known = [];
        }

        return $known[$hex] = self::parsed($hex);
    }

    /** @throws BadColour */
    private static function parsed(string $hex): self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/iD', $hex, $parts) !== 1) {
            throw new BadColour(sprintf('“%s” is not a colour such as #2f6b52.', $hex));
        }

        return new self(hexdec($parts[1]) / 255, hexdec($parts[2]) / 255, hexdec($parts[3]) / 255);
    }

    /**
     * The colour of a lightness (0 to 1), chroma and hue (degrees); where sRGB does not have it, the chroma gives way.
     */
    public static function oklch(float $lightness, float $chroma, float $hue): self
    {
        $lightness = min(1.0, max(0.0, $lightness));
        [$low, $high] = [0.0, $chroma];
        if (self::fits(self::oklchToRgb($lightness, $chroma, $hue))) {
            $low = $chroma;
        } else {
            for ($round = 0; $round < 24; ++$round) {
                $middle = ($low + $high) / 2;
                if (self::fits(self::oklchToRgb($lightness, $middle, $hue))) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }
        }
        $clamp = static fn (float $part): float => min(1.0, max(0.0, $part));

        return new self(...array_map($clamp, self::oklchToRgb($lightness, $low, $hue)));
    }

    public function toHex(): string
    {
        return sprintf('#%02x%02x%02x', round($this->red * 255), round($this->green * 255), round($this->blue * 255));
    }

    /** @return array{float, float, float} lightness 0 to 1, chroma, hue in degrees */
    public function toOklch(): array
    {
        [$lightness, $a, $b] = $this->toOklab();
        $hue = rad2deg(atan2($b, $a));

        return [$lightness, hypot($a, $b), $hue < 0 ? $hue + 360 : $hue];
    }

    /** @return array{float, float, float} lightness 0 to 1, and the axes from green to red and from blue to yellow */
    public function toOklab(): array
    {
        [$red, $green, $blue] = array_map(self::linear(...), [$this->red, $this->green, $this->blue]);
        $l = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $m = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $s = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);
        $lightness = 0.2104542553 * $l + 0.793617785 * $m - 0.0040720468 * $s;
        $a = 1.9779984951 * $l - 2.428592205 * $m + 0.4505937099 * $s;
        $b = 0.0259040371 * $l + 0.7827717662 * $m - 0.808675766 * $s;

        return [$lightness, $a, $b];
    }

    /**
     * CIE L*, a* and b* for the white of sRGB. Sources: IEC 61966-2-1 (sRGB to XYZ), ISO/CIE 11664-4 (CIELAB).
     *
     * @return array{float, float, float}
     */
    public function toLab(): array
    {
        [$red, $green, $blue] = array_map(self::linear(...), [$this->red, $this->green, $this->blue]);
        $bent = static fn (float $part): float => $part > 216 / 24389
            ? $part ** (1 / 3)
            : (24389 / 27 * $part + 16) / 116;
        [$x, $y, $z] = [
            $bent((0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue) / 0.95047),
            $bent(0.2126729 * $red + 0.7151522 * $green + 0.072175 * $blue),
            $bent((0.0193339 * $red + 0.119192 * $green + 0.9503041 * $blue) / 1.08883),
        ];

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }

    /** How far it is from another in OKLab, 0 to about 1. Source: CSS Color 4, “ΔE OK”. */
    public function distanceTo(self $other): float
    {
        [[$lightness, $a, $b], [$itsLightness, $itsA, $itsB]] = [$this->toOklab(), $other->toOklab()];

        return hypot($lightness - $itsLightness, hypot($a - $itsA, $b - $itsB));
    }

    /** As somebody with a kind of colour vision sees it. */
    public function seenWith(ColourVision $vision): self
    {
        if ($vision === ColourVision::Usual) {
            return $this;
        }
        $light = array_map(self::linear(...), [$this->red, $this->green, $this->blue]);
        $parts = array_map(
            static fn (array $row): float => self::encoded(
                min(1.0, max(0.0, $row[0] * $light[0] + $row[1] * $light[1] + $row[2] * $light[2])),
            ),
            $vision->matrix(),
        );

        return new self(...$parts);
    }

    /** Relative luminance, 0 to 1. Source: WCAG 2.2, “relative luminance”. */
    public function luminance(): float
    {
        return 0.2126 * self::linear($this->red) +
            0.7152 * self::linear($this->green) +
            0.0722 * self::linear($this->blue);
    }

    /** Contrast ratio, 1 to 21. Source: WCAG 2.2, “contrast ratio”. */
    public function contrastWith(self $other): float
    {
        [$one, $two] = [$this->luminance(), $other->luminance()];

        return (max($one, $two) + 0.05) / (min($one, $two) + 0.05);
    }

    /** On the way to another, as a gradient of sRGB goes. @param float $part 0 to 1 */
    public function mixedWith(self $other, float $part): self
    {
        return new self(
            $this->red + ($other->red - $this->red) * $part,
            $this->green + ($other->green - $this->green) * $part,
            $this->blue + ($other->blue - $this->blue) * $part,
        );
    }

    /**
     * Another colour laid on this one, as much of it as there is, in sRGB.
     *
     * Source: Compositing and Blending Level 1, 10.1; “add” is plus-lighter, 9.1.14.
     *
     * @param string $blend a key of Piece\Coat\Blend::MODES
     * @param float $much 0 to 1
     */
    public function blendedWith(self $other, string $blend, float $much): self
    {
        $part = static fn (float $b, float $s): float => match ($blend) {
            'multiply' => $b * $s,
            'screen' => $b + $s - $b * $s,
            'overlay' => $b <= 0.5 ? 2 * $b * $s : 1 - 2 * (1 - $b) * (1 - $s),
            'soft-light' => $s <= 0.5
                ? $b - (1 - 2 * $s) * $b * (1 - $b)
                : $b + (2 * $s - 1) * (($b <= 0.25 ? ((16 * $b - 12) * $b + 4) * $b : sqrt($b)) - $b),
            'add' => min(1.0, $b + $s),
            default => $s,
        };
        $mixed = static fn (float $b, float $s): float => $b + ($part($b, $s) - $b) * $much;

        return new self(
            $mixed($this->red, $other->red),
            $mixed($this->green, $other->green),
            $mixed($this->blue, $other->blue),
        );
    }

    /** @param float $by added to the lightness, −1 to 1 */
    public function lightened(float $by): self
    {
        [$lightness, $chroma, $hue] = $this->toOklch();

        return self::oklch($lightness + $by, $chroma, $hue);
    }

    /**
     * White, near-black or black: the first that reads on this colour at 4.5 : 1 (WCAG 2.2, 1.4.3); black or white
     * always does.
     */
    public function textOn(string $wanted): string
    {
        foreach ([$wanted, '#ffffff', '#12161c', '#000000'] as $candidate) {
            if ($this->contrastWith(self::hex($candidate)) >= 4.5) {
                return $candidate;
            }
        }

        return '#000000';
    }

    private static function linear(float $part): float
    {
        return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
    }

    private static function encoded(float $light): float
    {
        return $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;
    }

    /** @return array{float, float, float} */
    private static function oklchToRgb(float $lightness, float $chroma, float $hue): array
    {
        $a = $chroma * cos(deg2rad($hue));
        $b = $chroma * sin(deg2rad($hue));
        $l = ($lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($lightness - 0.0894841775 * $a - 1.291485548 * $b) ** 3;

        return [
            self::encoded(4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s),
            self::encoded(-1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s),
            self::encoded(-0.0041960863 * $l - 0.7034186147 * $m + 1.707614701 * $s),
        ];
    }

    /** @param array{float, float, float} $rgb */
    private static function fits(array $rgb): bool
    {
        return min($rgb) >= -1e-6 && max($rgb) <= 1 + 1e-6;
    }
}
