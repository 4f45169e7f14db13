<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\Stroke;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\Effect;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\TilePaint;
use Lupine\Core\Reel\WovenPaint;
use Lupine\Core\Words\Run;

/** What nodes of a drawing are in an SVG on one frame, attribute by attribute. */
final readonly class SvgNodes
{
    public function __construct(private int $width, private int $height)
    {
    }

    /**
     * @return array<string, string|SvgReference>|null what is seen of an outline; null where there is nothing
     */
    public function path(PathNode $node, int $frame): ?array
    {
        $outline = $node->outline->at($frame);
        if ($outline === '' && $node->mark === null) {
            return null;
        }
        $fill = $node->fill->at($frame);
        $effect = $node->effect?->at($frame);
        $opacity = $node->opacity->at($frame);

        return [
            'd' => $outline,
            ...$node->stroke === null
                ? $this->filled($this->paint($fill), $effect)
                : $this->stroked($node->stroke, $fill, $outline, $frame),
            ...$opacity < 1 ? ['opacity' => Decimal::of($opacity, 4)] : [],
            ...$effect === null ? [] : ['filter' => SvgReference::to('e', $effect, $this->width, $this->height)],
            ...$node->blend === Blend::NORMAL ? [] : ['style' => 'mix-blend-mode:'.self::blend($node->blend)],
        ];
    }

    /** A tile over all of the stage, whose opacity is what is seen. */
    public function mask(TilePaint $tile, SvgDefinitions $definitions): SvgReference
    {
        $paint = $definitions->id(SvgReference::to('p', $tile, $this->width, $this->height));

        return new SvgReference('m', sprintf(
            '<mask id="%%1$s" maskUnits="userSpaceOnUse" x="%1$d" y="%2$d" width="%3$d" height="%4$d" '
                .'style="mask-type:alpha"><rect x="%1$d" y="%2$d" width="%3$d" height="%4$d" fill="url(#%5$s)"/></mask>',
            -$this->width,
            -$this->height,
            3 * $this->width,
            3 * $this->height,
            $paint,
        ));
    }

    public static function clip(string $outline): SvgReference
    {
        return new SvgReference('c', '<clipPath id="%1$s"><path d="'.$outline.'"/></clipPath>');
    }

    /** Where a text begins, in pixels, by its alignment. */
    public static function begin(TextNode $node, Run $run, int $frame): float
    {
        $part = match ($node->align) {
            'middle' => 0.5,
            'right' => 1.0,
            default => 0.0,
        };

        return $node->x->at($frame) - $run->width * $node->scale * $part;
    }

    /** The letters of a text, in font units. */
    public static function letters(TextNode $node, Run $run, SvgDefinitions $definitions): string
    {
        $glyphs = '';
        foreach ($node->isPainted ? $run->glyphs : [] as $glyph) {
            $id = $definitions->define('g', '<path id="%1$s" d="'.$glyph->outline.'"/>');
            $glyphs .= '<use href="#'.$id.'" x="'.Decimal::of($glyph->x, 2).'"/>';
        }

        return $glyphs;
    }

    public static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1, 'UTF-8');
    }

    /**
     * What is grown before it is blurred has a line around it in its own colour.
     *
     * @return array<string, string|SvgReference>
     */
    private function filled(string|SvgReference $paint, ?Effect $effect): array
    {
        return ['fill' => $paint, ...!$effect instanceof Blur || $effect->spread <= 0 ? [] : [
            'stroke' => $paint,
            'stroke-width' => Decimal::of(2 * $effect->spread, 4),
            'stroke-linejoin' => 'round',
        ]];
    }

    /** @return array<string, string|SvgReference> */
    private function stroked(Stroke $stroke, Paint $fill, string $outline, int $frame): array
    {
        $gap = $stroke->gap?->at($frame) ?? 0.0;
        $dashes = $gap > 0.0 ? [$stroke->dash?->at($frame) ?? 0.0, $gap] : [];
        $offset = $stroke->offset?->at($frame) ?? 0.0;
        if ($stroke->light !== null) {
            $light = $stroke->light;
            $lit = LitEdge::of($outline, $light->length->at($frame), $light->place->at($frame));
            [$dashes, $offset] = $lit === null ? [[0.0, 1.0], 0.0] : [$lit->dashes, $lit->offset];
            $fill = $lit === null ? $fill : $lit->paint($fill);
        }
        $lengths = implode(' ', array_map(static fn (float $one): string => Decimal::of($one, 4), $dashes));

        return [
            'fill' => 'none',
            'stroke' => $this->paint($fill),
            'stroke-width' => Decimal::of($stroke->width->at($frame), 4),
            'stroke-linejoin' => 'round',
            'stroke-linecap' => $stroke->caps,
            ...$dashes === [] ? [] : [
                'stroke-dasharray' => $lengths,
                'stroke-dashoffset' => Decimal::of($offset, 4),
            ],
        ];
    }

    /** Source: Compositing and Blending Level 1, the values of mix-blend-mode. */
    private static function blend(string $blend): string
    {
        return $blend === 'add' ? 'plus-lighter' : $blend;
    }

    private function paint(Paint $paint): string|SvgReference
    {
        if ($paint instanceof FlatPaint) {
            return $paint->colour;
        }
        \assert($paint instanceof WovenPaint);

        return SvgReference::to('p', $paint, $this->width, $this->height);
    }
}
