<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Geometry\BadOutline;
use Lupine\Core\Geometry\Cubic;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Nested;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\SvgPath;
use Lupine\Core\Piece\Coat\PatternCoat;

/**
 * Reads the filled shapes of an SVG as the tile of a pattern: one outline in a square of 100 × 100, in which the
 * drawing lies whole and in the middle. Its own colours do not matter, as a pattern has its ink.
 *
 * Source: SVG 1.1, “Basic Shapes”, “Paths” and “Coordinate Systems, Transformations and Units”.
 */
final class SvgTile
{
    /** bytes of a file that is read */
    public const MOST_BYTES = 1_000_000;

    private const SIDE = 100.0;

    /** what cannot be a part of an outline, and would be missed */
    private const REFUSED = [
        'text' => 'text', 'image' => 'a picture', 'use' => 'a reused shape', 'svg' => 'a drawing within it',
    ];

    /** what is not drawn itself */
    private const LEFT = [
        'defs', 'symbol', 'clippath', 'mask', 'pattern', 'marker', 'title', 'desc', 'metadata', 'style',
    ];

    private const NUMBER = '[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?';

    /** @var array<string, string> declarations by class, of its style sheets */
    private array $classes = [];

    private string $outline = '';

    private bool $hasLines = false;

    /**
     * @param string $name of the file, as errors say it
     *
     * @return string absolute path data of M, L, C and Z
     *
     * @throws BadTile where there is nothing that it could be made of
     */
    public static function read(string $bytes, string $name): string
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead = $bytes !== '' && $document->loadXML($bytes, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$isRead || $root === null || strtolower($root->localName ?? '') !== 'svg'
            || $document->doctype?->internalSubset !== null) {
            throw new BadTile(sprintf('“%s” is not an SVG that can be read. Export it again as plain SVG.', $name));
        }
        $tile = new self();
        $tile->readClasses($document);
        try {
            $matrix = self::fitted($root, $name);
            foreach ($root->childNodes as $child) {
                if ($child instanceof \DOMElement) {
                    $tile->element($child, $matrix, $tile->said($root, 'fill') !== 'none', 'nonzero', $name);
                }
            }
        } catch (BadOutline $error) {
            throw new BadTile(sprintf('“%s”: %s', $name, $error->getMessage()));
        }
        if ($tile->outline === '') {
            throw new BadTile(sprintf(
                $tile->hasLines
                    ? '“%s” has lines and no filled shapes. Turn its strokes into shapes and add it again.'
                    : '“%s” has no filled shapes. A tile is made of those.',
                $name,
            ));
        }
        if (!PatternCoat::isTile($tile->outline)) {
            throw new BadTile(sprintf('“%s” reaches too far beyond its viewBox. Cut it and add it again.', $name));
        }

        return $tile->outline;
    }

    /** Rules of single classes, which is how drawings are exported; the later ones count. */
    private function readClasses(\DOMDocument $document): void
    {
        foreach ($document->getElementsByTagName('style') as $sheet) {
            preg_match_all('/([^{}]+)\{([^{}]*)\}/', $sheet->textContent, $rules, PREG_SET_ORDER);
            foreach ($rules as [, $selectors, $declarations]) {
                foreach (explode(',', $selectors) as $selector) {
                    if (preg_match('/^\.([\w-]+)$/D', trim($selector), $class) === 1) {
                        $this->classes[$class[1]] = ($this->classes[$class[1]] ?? '').';'.$declarations;
                    }
                }
            }
        }
    }

    /** @return list<float> the matrix that lays the drawing into the square */
    private static function fitted(\DOMElement $root, string $name): array
    {
        $box = self::numbers($root->getAttribute('viewBox'));
        if (count($box) !== 4) {
            $sides = array_map($root->getAttribute(...), ['width', 'height']);
            // A part of a page is no size.
            $box = [0.0, 0.0, ...array_map(
                static fn (string $side): float => str_ends_with($side, '%') ? 0.0 : (float) $side,
                $sides,
            )];
        }
        [$left, $top, $width, $height] = $box;
        if ($width <= 0 || $height <= 0) {
            throw new BadTile(sprintf('“%s” does not say how large it is. Give it a viewBox.', $name));
        }
        $scale = self::SIDE / max($width, $height);

        return [
            $scale,
            0.0,
            0.0,
            $scale,
            (self::SIDE - $width * $scale) / 2 - $left * $scale,
            (self::SIDE - $height * $scale) / 2 - $top * $scale,
        ];
    }

    /** @param list<float> $matrix */
    private function element(\DOMElement $element, array $matrix, bool $isFilled, string $rule, string $name): void
    {
        $kind = strtolower($element->localName ?? '');
        if (isset(self::REFUSED[$kind])) {
            $what = self::REFUSED[$kind];

            throw new BadTile(sprintf('“%s” has %s. Turn it into paths and add it again.', $name, $what));
        }
        if (in_array($kind, self::LEFT, true) || $this->said($element, 'display') === 'none') {
            return;
        }
        foreach (['clip-path', 'mask'] as $cut) {
            if (!in_array($this->said($element, $cut), [null, 'none'], true)) {
                throw new BadTile(sprintf('“%s” has a clip or a mask. Cut the shapes and add it again.', $name));
            }
        }
        $fill = $this->said($element, 'fill');
        $isFilled = $fill === null || $fill === 'inherit' ? $isFilled : $fill !== 'none' && $fill !== 'transparent';
        $rule = $this->said($element, 'fill-rule') ?? $rule;
        $stroke = $this->said($element, 'stroke');
        $this->hasLines = $this->hasLines || ($stroke !== null && $stroke !== 'none');
        $matrix = self::transformed($matrix, $element->getAttribute('transform'));
        $data = self::pathOf($element, $kind);
        if ($data !== '' && $isFilled) {
            $this->outline .= self::written(Nested::of(SvgPath::parts($data), $rule === 'evenodd'), $matrix);
            if (strlen($this->outline) > PatternCoat::LONGEST_TILE) {
                throw new BadTile(sprintf('“%s” has too many points for a tile. Simplify it and add it again.', $name));
            }
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $this->element($child, $matrix, $isFilled, $rule, $name);
            }
        }
    }

    /** What its own style says, or its classes, or an attribute. */
    private function said(\DOMElement $element, string $property): ?string
    {
        $style = '/(?:^|;)\s*'.preg_quote($property, '/').'\s*:\s*([^;]+)/i';
        $classes = explode(' ', trim($element->getAttribute('class')));
        $ofClasses = implode(';', array_map(fn (string $class): string => $this->classes[$class] ?? '', $classes));
        foreach ([$element->getAttribute('style'), $ofClasses] as $declarations) {
            if (preg_match_all($style, $declarations, $found) > 0) {
                return strtolower(trim((string) end($found[1])));
            }
        }

        return $element->hasAttribute($property) ? strtolower(trim($element->getAttribute($property))) : null;
    }

    private static function pathOf(\DOMElement $element, string $kind): string
    {
        $number = static function (string $name) use ($element): float {
            $text = $element->getAttribute($name);

            return str_ends_with($text, '%')
                ? throw new BadOutline('Sizes in per cent are not read. Turn its shapes into paths and add it again.')
                : (float) $text;
        };
        switch ($kind) {
            case 'path':
                return $element->getAttribute('d');
            case 'polygon':
            case 'polyline':
                $points = $element->getAttribute('points');

                return self::numbers($points) === [] ? '' : 'M'.$points.'Z';
            case 'circle':
                return self::ellipse($number('cx'), $number('cy'), $number('r'), $number('r'));
            case 'ellipse':
                return self::ellipse($number('cx'), $number('cy'), $number('rx'), $number('ry'));
            case 'rect':
                [$wide, $high] = [$number('width'), $number('height')];
                $rx = $element->hasAttribute('rx') ? $number('rx') : $number('ry');
                $ry = $element->hasAttribute('ry') ? $number('ry') : $rx;

                [$rx, $ry] = [min($rx, $wide / 2), min($ry, $high / 2)];

                return self::rectangle($number('x'), $number('y'), $wide, $high, $rx, $ry);
            default:
                return '';
        }
    }

    private static function ellipse(float $x, float $y, float $wide, float $high): string
    {
        return $wide <= 0 || $high <= 0 ? '' : sprintf(
            'M%1$F %2$Fa%3$F %4$F 0 1 1 %5$F 0a%3$F %4$F 0 1 1 -%5$F 0Z',
            $x - $wide,
            $y,
            $wide,
            $high,
            2 * $wide,
        );
    }

    private static function rectangle(float $x, float $y, float $wide, float $high, float $rx, float $ry): string
    {
        if ($wide <= 0 || $high <= 0) {
            return '';
        }
        if ($rx <= 0 || $ry <= 0) {
            return sprintf('M%F %Fh%Fv%Fh%FZ', $x, $y, $wide, $high, -$wide);
        }
        $corner = static fn (float $toX, float $toY): string => sprintf('a%F %F 0 0 1 %F %F', $rx, $ry, $toX, $toY);

        return sprintf('M%F %Fh%F', $x + $rx, $y, $wide - 2 * $rx).$corner($rx, $ry)
            .sprintf('v%F', $high - 2 * $ry).$corner(-$rx, $ry)
            .sprintf('h%F', 2 * $rx - $wide).$corner(-$rx, -$ry)
            .sprintf('v%F', 2 * $ry - $high).$corner($rx, -$ry).'Z';
    }

    /**
     * @param list<float> $matrix
     *
     * @return list<float>
     */
    private static function transformed(array $matrix, string $transform): array
    {
        $steps = '/(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^)]*)\)/';
        preg_match_all($steps, $transform, $found, PREG_SET_ORDER);
        foreach ($found as [, $kind, $text]) {
            $n = self::numbers($text);
            [$a, $b, $c] = [$n[0] ?? 0.0, $n[1] ?? null, $n[2] ?? 0.0];
            $angle = deg2rad($a);
            $steps = match ($kind) {
                'matrix' => count($n) === 6 ? [$n] : [],
                'translate' => [[1.0, 0.0, 0.0, 1.0, $a, $b ?? 0.0]],
                'scale' => [[$a, 0.0, 0.0, $b ?? $a, 0.0, 0.0]],
                'skewX' => [[1.0, 0.0, tan($angle), 1.0, 0.0, 0.0]],
                'skewY' => [[1.0, tan($angle), 0.0, 1.0, 0.0, 0.0]],
                default => [
                    [1.0, 0.0, 0.0, 1.0, $b ?? 0.0, $c],
                    [cos($angle), sin($angle), -sin($angle), cos($angle), 0.0, 0.0],
                    [1.0, 0.0, 0.0, 1.0, -($b ?? 0.0), -$c],
                ],
            };
            foreach ($steps as $step) {
                $matrix = self::times($matrix, $step);
            }
        }

        return $matrix;
    }

    /**
     * @param list<float> $m
     * @param list<float> $n
     *
     * @return list<float>
     */
    private static function times(array $m, array $n): array
    {
        return [
            $m[0] * $n[0] + $m[2] * $n[1],
            $m[1] * $n[0] + $m[3] * $n[1],
            $m[0] * $n[2] + $m[2] * $n[3],
            $m[1] * $n[2] + $m[3] * $n[3],
            $m[0] * $n[4] + $m[2] * $n[5] + $m[4],
            $m[1] * $n[4] + $m[3] * $n[5] + $m[5],
        ];
    }

    /**
     * @param list<non-empty-list<Cubic>> $parts
     * @param list<float> $matrix
     */
    private static function written(array $parts, array $matrix): string
    {
        $at = static fn (Point $point): string => Decimal::of(
            $matrix[0] * $point->x + $matrix[2] * $point->y + $matrix[4],
            2,
        ).' '.Decimal::of($matrix[1] * $point->x + $matrix[3] * $point->y + $matrix[5], 2);
        $text = '';
        foreach ($parts as $cubics) {
            $text .= 'M'.$at($cubics[0]->from);
            foreach ($cubics as $cubic) {
                $text .= $cubic->isLine()
                    ? 'L'.$at($cubic->to)
                    : 'C'.$at($cubic->first).' '.$at($cubic->second).' '.$at($cubic->to);
            }
            $text .= 'Z';
        }

        return $text;
    }

    /** @return list<float> */
    private static function numbers(string $text): array
    {
        preg_match_all('/'.self::NUMBER.'/', $text, $found);

        return array_map(floatval(...), $found[0]);
    }
}
