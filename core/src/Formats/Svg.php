<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\Pose;
use Lupine\Core\Drawing\Stroke;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\Defined;
use Lupine\Core\Reel\Effect;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\TilePaint;
use Lupine\Core\Reel\WovenPaint;

/**
 * One frame as SVG.
 *
 * A public contract: every mark is an element with `data-figure` and `data-label` that holds nothing but the mark's
 * own outline, and with `data-value` and `data-share`, what of its figure is drawn on this frame, unrounded; a track
 * is an element with `data-track`; a chart with a scale is a group with `data-maximum`; every reading is an element
 * with `data-reading`, the text that it shows.
 */
final class Svg
{
    /** @var array<string, string> definitions by their content */
    private array $definitions = [];

    private string $definitionText = '';

    /** @param \Closure(string, int): string $pictures a picture as a data URI, by its fingerprint and its blur */
    private function __construct(
        private readonly Drawing $drawing,
        private readonly int $frame,
        private readonly \Closure $pictures,
    ) {
    }

    /**
     * @param string $title what the picture is called, for those who hear it
     * @param (\Closure(string, int): string)|null $pictures a picture as a data URI, by its fingerprint and its blur;
     *                                                       null: none
     */
    public static function ofFrame(
        Drawing $drawing,
        int $frame,
        string $title = '',
        ?\Closure $pictures = null,
    ): string {
        $pictures ??= static fn (): string => '';
        $svg = new self($drawing, max(0, min($frame, $drawing->frames - 1)), $pictures);
        $body = implode('', array_map($svg->node(...), $drawing->nodes));
        $definitions = $svg->definitionText === '' ? '' : '<defs>'.$svg->definitionText.'</defs>'."\n";

        return '<?xml version="1.0" encoding="UTF-8"?>'.
            "\n".
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" viewBox="0 0 %d %d" role="img">'.
                    "\n",
                $drawing->width,
                $drawing->height,
                $drawing->width,
                $drawing->height,
            ).
            ($title === '' ? '' : '<title>'.self::escape($title).'</title>'."\n").
            $definitions.
            $body.
            "</svg>\n";
    }

    private function node(Node $node): string
    {
        if ($node instanceof GroupNode) {
            $opacity = $node->opacity?->at($this->frame) ?? 1.0;
            $children = $opacity <= 0 ? '' : implode('', array_map($this->node(...), $node->children));

            return $children === ''
                ? ''
                : '<g'.
                        ($node->maximum === null
                            ? ''
                            : ' data-maximum="'.Decimal::of($node->maximum->at($this->frame), 9).'"').
                        ($opacity < 1 ? ' opacity="'.Decimal::of($opacity, 4).'"' : '').
                        ($node->pose === null ? '' : $this->pose($node->pose)).
                        ($node->clip === null ? '' : $this->clip($node->clip->at($this->frame))).
                        ($node->mask === null ? '' : $this->mask($node->mask->at($this->frame))).
                        ">\n".
                        $children.
                        "</g>\n";
        }

        return $node instanceof PathNode ? $this->path($node) : ($node instanceof TextNode ? $this->text($node) : '');
    }

    private function pose(Pose $pose): string
    {
        [$x, $y] = [$pose->x->at($this->frame), $pose->y->at($this->frame)];
        [$size, $turn] = [$pose->size->at($this->frame), $pose->turn->at($this->frame)];

        return sprintf(
            ' transform="translate(%s %s) rotate(%s) scale(%s) translate(%s %s)"',
            Decimal::of($pose->pivot->x + $x, 4),
            Decimal::of($pose->pivot->y + $y, 4),
            Decimal::of($turn, 4),
            Decimal::of($size, 4),
            Decimal::of(-$pose->pivot->x, 4),
            Decimal::of(-$pose->pivot->y, 4),
        );
    }

    private function path(PathNode $node): string
    {
        $outline = $node->outline->at($this->frame);
        if ($outline === '' && $node->mark === null) {
            return '';
        }
        $fill = $node->fill->at($this->frame);
        $effect = $node->effect?->at($this->frame);
        $opacity = $node->opacity->at($this->frame);
        $attributes = ' d="'.$outline.'" '.($node->stroke === null
            ? $this->filled($this->paint($fill), $effect)
            : $this->stroke($node->stroke, $fill, $outline));
        $attributes .= $opacity < 1 ? ' opacity="'.Decimal::of($opacity, 4).'"' : '';
        $attributes .= $effect === null ? '' : ' filter="url(#'.$this->defined('e', $effect).')"';
        $attributes .= $node->blend === Blend::NORMAL ? '' : ' style="mix-blend-mode:'.self::blend($node->blend).'"';
        if ($node->trackOf !== null) {
            $attributes = ' data-track="'.self::escape($node->trackOf).'"'.$attributes;
        }
        if ($node->mark !== null) {
            [$value, $share] = $node->mark->drawn->at($this->frame);
            $attributes =
                sprintf(
                    ' data-figure="%s" data-chart="%s" data-label="%s" data-value="%s" data-share="%s"',
                    self::escape($node->mark->figureId),
                    self::escape($node->mark->chartId),
                    self::escape($node->mark->label),
                    Decimal::of($value, 9),
                    Decimal::of($share, 12),
                ).$attributes;
        }

        return '<path'.$attributes."/>\n";
    }

    /** What is grown before it is blurred has a line around it in its own colour. */
    private function filled(string $paint, ?Effect $effect): string
    {
        return 'fill="'.$paint.'"'.(!$effect instanceof Blur || $effect->spread <= 0 ? '' : sprintf(
            ' stroke="%s" stroke-width="%s" stroke-linejoin="round"',
            $paint,
            Decimal::of(2 * $effect->spread, 4),
        ));
    }

    private function stroke(Stroke $stroke, Paint $fill, string $outline): string
    {
        $gap = $stroke->gap?->at($this->frame) ?? 0.0;
        $dashes = $gap > 0.0 ? [$stroke->dash?->at($this->frame) ?? 0.0, $gap] : [];
        $offset = $stroke->offset?->at($this->frame) ?? 0.0;
        if ($stroke->light !== null) {
            $light = $stroke->light;
            $lit = LitEdge::of($outline, $light->length->at($this->frame), $light->place->at($this->frame));
            [$dashes, $offset] = $lit === null ? [[0.0, 1.0], 0.0] : [$lit->dashes, $lit->offset];
            $fill = $lit === null ? $fill : $lit->paint($fill);
        }
        $lengths = implode(' ', array_map(static fn (float $one): string => Decimal::of($one, 4), $dashes));

        return sprintf(
            'fill="none" stroke="%s" stroke-width="%s" stroke-linejoin="round" stroke-linecap="%s"%s',
            $this->paint($fill),
            Decimal::of($stroke->width->at($this->frame), 4),
            $stroke->caps,
            $dashes === [] ? '' : ' stroke-dasharray="'.$lengths.'" stroke-dashoffset="'.Decimal::of($offset, 4).'"',
        );
    }

    /** Source: Compositing and Blending Level 1, the values of mix-blend-mode. */
    private static function blend(string $blend): string
    {
        return $blend === 'add' ? 'plus-lighter' : $blend;
    }

    /** A tile over all of the stage, whose opacity is what is seen. */
    private function mask(TilePaint $tile): string
    {
        $id = $this->define('m', sprintf(
            '<mask id="%%s" maskUnits="userSpaceOnUse" x="%1$d" y="%2$d" width="%3$d" height="%4$d" '
                .'style="mask-type:alpha"><rect x="%1$d" y="%2$d" width="%3$d" height="%4$d" fill="%5$s"/></mask>',
            -$this->drawing->width,
            -$this->drawing->height,
            3 * $this->drawing->width,
            3 * $this->drawing->height,
            $this->paint($tile),
        ));

        return ' mask="url(#'.$id.')"';
    }

    private function clip(string $outline): string
    {
        return ' clip-path="url(#'.$this->define('c', '<clipPath id="%s"><path d="'.$outline.'"/></clipPath>').')"';
    }

    private function text(TextNode $node): string
    {
        $run = $node->run->at($this->frame);
        if ($run->text === '') {
            return '';
        }
        $x =
            $node->x->at($this->frame) -
            $run->width *
                $node->scale *
                match ($node->align) {
                    'middle' => 0.5,
                    'right' => 1.0,
                    default => 0.0,
                };
        $glyphs = '';
        foreach ($node->isPainted ? $run->glyphs : [] as $glyph) {
            $id = $this->define('g', '<path id="%s" d="'.$glyph->outline.'"/>');
            $glyphs .= '<use href="#'.$id.'" x="'.Decimal::of($glyph->x, 2).'"/>';
        }

        return sprintf(
            '<g%s aria-label="%s" fill="%s" transform="translate(%s %s) scale(%s)">%s</g>'."\n",
            $node->readingOf === null
                ? ''
                : ' data-reading="'.
                    self::escape($run->text).
                    '" data-reading-of="'.
                    self::escape($node->readingOf).
                    '"',
            self::escape($run->text),
            $node->colour,
            Decimal::of($x, 3),
            Decimal::of($node->y->at($this->frame), 3),
            Decimal::of($node->scale, 7),
            $glyphs,
        );
    }

    private function paint(Paint $paint): string
    {
        if ($paint instanceof FlatPaint) {
            return $paint->colour;
        }
        \assert($paint instanceof WovenPaint);
        if ($paint instanceof TilePaint && !isset($this->definitions[$paint->pictureId()])) {
            $this->definitions[$paint->pictureId()] = $paint->pictureId();
            $this->definitionText .= $paint->picture()."\n";
        }

        if ($paint instanceof PicturePaint && !isset($this->definitions[$paint->pictureId()])) {
            $this->definitions[$paint->pictureId()] = $paint->pictureId();
            $this->definitionText .= sprintf(
                '<image id="%s" width="1" height="1" preserveAspectRatio="none" href="%s"/>'."\n",
                $paint->pictureId(),
                ($this->pictures)($paint->file, $paint->blur),
            );
        }

        return 'url(#'.$this->defined('p', $paint).')';
    }

    /** The id of a paint or an effect. */
    private function defined(string $letter, Defined $one): string
    {
        return $this->define($letter, $one->svg('%1$s', $this->drawing->width, $this->drawing->height));
    }

    private function define(string $letter, string $content): string
    {
        if (!isset($this->definitions[$content])) {
            $this->definitions[$content] = $letter.(count($this->definitions) + 1);
            $this->definitionText .= sprintf($content, $this->definitions[$content])."\n";
        }

        return $this->definitions[$content];
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1, 'UTF-8');
    }
}
