<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\Pose;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Geometry\Decimal;

/**
 * One frame as SVG.
 *
 * A public contract: every mark is an element with `data-figure` and `data-label` that holds nothing but the mark's
 * own outline, and with `data-value` and `data-share`, what of its figure is drawn on this frame, unrounded; a track
 * is an element with `data-track`; a chart with a scale is a group with `data-maximum`; every reading is an element
 * with `data-reading`, the text that it shows.
 */
final readonly class Svg
{
    private SvgNodes $nodes;

    private function __construct(Drawing $drawing, private int $frame, private SvgDefinitions $definitions)
    {
        $this->nodes = new SvgNodes($drawing->width, $drawing->height);
    }

    /**
     * @param string $title what the picture is called, for those who hear it
     * @param (\Closure(string, int): string)|null $pictures a picture as a data URI, by its fingerprint and its blur;
     *                                                       null: none
     * @param string $description the text alternative; empty: none
     */
    public static function ofFrame(
        Drawing $drawing,
        int $frame,
        string $title = '',
        ?\Closure $pictures = null,
        string $description = '',
    ): string {
        $definitions = new SvgDefinitions($pictures ?? static fn (): string => '');
        $body = self::body($drawing, $frame, $definitions);

        return self::whole($drawing, $title, $description, $definitions->toSvg().$body);
    }

    /** The elements of one frame; what they refer to is defined besides. */
    public static function body(Drawing $drawing, int $frame, SvgDefinitions $definitions): string
    {
        $svg = new self($drawing, max(0, min($frame, $drawing->frames - 1)), $definitions);

        return implode('', array_map($svg->node(...), $drawing->nodes));
    }

    /** The element of all, with what is said of it. */
    public static function whole(Drawing $drawing, string $title, string $description, string $body): string
    {
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
            ($title === '' ? '' : '<title>'.SvgNodes::escape($title).'</title>'."\n").
            ($description === '' ? '' : '<desc>'.SvgNodes::escape($description).'</desc>'."\n").
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
                        ($node->clip === null ? '' : ' clip-path="'.$this->told(
                            SvgNodes::clip($node->clip->at($this->frame)),
                        ).'"').
                        ($node->mask === null ? '' : ' mask="'.$this->told(
                            $this->nodes->mask($node->mask->at($this->frame), $this->definitions),
                        ).'"').
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
        $attributes = $this->nodes->path($node, $this->frame);
        if ($attributes === null) {
            return '';
        }
        $text = '';
        if ($node->mark !== null) {
            [$value, $share] = $node->mark->drawn->at($this->frame);
            $text = sprintf(
                ' data-figure="%s" data-chart="%s" data-label="%s" data-value="%s" data-share="%s"',
                SvgNodes::escape($node->mark->figureId),
                SvgNodes::escape($node->mark->chartId),
                SvgNodes::escape($node->mark->label),
                Decimal::of($value, 9),
                Decimal::of($share, 12),
            );
        }
        $text .= $node->trackOf === null ? '' : ' data-track="'.SvgNodes::escape($node->trackOf).'"';
        foreach ($attributes as $name => $value) {
            $text .= ' '.$name.'="'.$this->told($value).'"';
        }

        return '<path'.$text."/>\n";
    }

    private function text(TextNode $node): string
    {
        $run = $node->run->at($this->frame);
        if ($run->text === '') {
            return '';
        }

        return sprintf(
            '<g%s aria-label="%s" fill="%s" transform="translate(%s %s) scale(%s)">%s</g>'."\n",
            $node->readingOf === null
                ? ''
                : ' data-reading="'.
                    SvgNodes::escape($run->text).
                    '" data-reading-of="'.
                    SvgNodes::escape($node->readingOf).
                    '"',
            SvgNodes::escape($run->text),
            $node->colour,
            Decimal::of(SvgNodes::begin($node, $run, $this->frame), 3),
            Decimal::of($node->y->at($this->frame), 3),
            Decimal::of($node->scale, 7),
            SvgNodes::letters($node, $run, $this->definitions),
        );
    }

    private function told(string|SvgReference $value): string
    {
        return is_string($value) ? $value : 'url(#'.$this->definitions->id($value).')';
    }
}
