<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Motion\Exposure;
use Lupine\Core\Motion\Track;
use Lupine\Core\Words\Run;

/**
 * The computed animation: the drawing once, and what changes on which frame.
 *
 * Outlines, glyphs, set texts and paints stand in it once and are referred to by their number. A track gives the frames
 * on which one property of one node changes, and its values from then on; it begins with the value on the first frame.
 * Of a drawing with a shutter they are the moments of its clock.
 */
final class Reel
{
    /** @var array<string, int> */
    private array $outlines = ['' => 0];

    /** @var array<string, int> */
    private array $glyphs = [];

    /** @var array<string, int> */
    private array $runs = [];

    /** @var list<array{string, float, list<int|float>}> */
    private array $runData = [];

    /** @var list<string> */
    private array $glyphData = [];

    /** @var array<string, int> */
    private array $paints = [];

    /** @var list<array<string, mixed>> */
    private array $paintData = [];

    /** @var list<array{node: int, property: string, frames: list<int>, values: list<int|float|string>}> */
    private array $tracks = [];

    private int $nodes = 0;

    /** whether the node at hand is seen as it is on whole frames */
    private bool $isHeld = false;

    private function __construct(private readonly Exposure $exposure)
    {
    }

    /** @return array<string, mixed> of the frames that the drawing was asked for */
    public static function of(Drawing $drawing): array
    {
        $reel = new self(new Exposure($drawing->range, $drawing->clock));
        $nodes = $reel->nodes($drawing->nodes, false);

        return [
            'reel' => 1,
            'width' => $drawing->width,
            'height' => $drawing->height,
            'rate' => [$drawing->rateNumerator, $drawing->rateDenominator],
            'frames' => $drawing->frames,
            'from' => $drawing->range->from,
            'to' => $drawing->range->to,
            ...$drawing->clock->samples === 1 ? [] : ['samples' => $drawing->clock->samples],
            'outlines' => array_map('strval', array_keys($reel->outlines)),
            'glyphs' => $reel->glyphData,
            'runs' => $reel->runData,
            'paints' => $reel->paintData,
            'nodes' => $nodes,
            'tracks' => $reel->tracks,
        ];
    }

    /**
     * @param list<Node> $nodes
     *
     * @return list<array<string, mixed>>
     */
    private function nodes(array $nodes, bool $isHeld): array
    {
        return array_map(fn (Node $node): array => $this->node($node, $isHeld), $nodes);
    }

    /**
     * @param bool $isHeld whether it is seen as it is on whole frames
     *
     * @return array<string, mixed>
     */
    private function node(Node $node, bool $isHeld): array
    {
        $index = $this->nodes++;
        $isHeld = $isHeld || ($node instanceof GroupNode && $node->isHeld);
        $this->isHeld = $isHeld;
        $coordinate = static fn (float $value): float => (float) Decimal::of($value, 3);
        if ($node instanceof GroupNode) {
            return [
                'kind' => 'group',
                'index' => $index,
                'name' => $node->name,
                'opacity' => $node->opacity === null ? 1.0 : $this->property($index, 'opacity', $node->opacity),
                ...$node->pose === null ? [] : ['pose' => $this->pose($index, $node->pose)],
                ...$node->clip === null
                    ? []
                    : ['clip' => $this->property($index, 'clip', $node->clip, $this->outline(...))],
                'children' => $this->nodes($node->children, $isHeld),
            ];
        }
        if ($node instanceof PathNode) {
            return [
                'kind' => 'path',
                'index' => $index,
                'outline' => $this->property($index, 'outline', $node->outline, $this->outline(...)),
                'fill' => $this->property($index, 'fill', $node->fill, $this->paint(...)),
                'opacity' => $node->opacity,
                'blur' => $node->blur,
                ...$node->stroke === null ? [] : ['stroke' => $this->stroke($index, $node->stroke)],
                'mark' => $node->mark === null
                        ? null
                        : [
                            'chart' => $node->mark->chartId,
                            'figure' => $node->mark->figureId,
                            'label' => $node->mark->label,
                            'measure' => $node->mark->measure,
                            'whole' => $this->property($index, 'whole', $node->mark->whole),
                            'pivot' => [$coordinate($node->mark->pivot->x), $coordinate($node->mark->pivot->y)],
                        ],
            ];
        }
        \assert($node instanceof TextNode);

        return [
            'kind' => 'text',
            'index' => $index,
            'run' => $this->property($index, 'run', $node->run->held(), $this->run(...)),
            'x' => $this->property($index, 'x', $node->x, $coordinate),
            'y' => $this->property($index, 'y', $node->y, $coordinate),
            'scale' => $node->scale,
            'align' => $node->align,
            'fill' => $node->colour,
            'reading' => $node->readingOf,
        ];
    }

    private function outline(string $outline): int
    {
        return $this->outlines[$outline] ??= count($this->outlines);
    }

    /** @return array<string, mixed> */
    private function stroke(int $index, Stroke $stroke): array
    {
        return [
            'width' => $stroke->width,
            'caps' => $stroke->caps,
            'dashes' => $stroke->dashes,
            'offset' => $stroke->offset === null ? 0.0 : $this->property($index, 'offset', $stroke->offset),
        ];
    }

    /** @return array<string, int|float|string|array{float, float}> the pivot, and where it is, how large, how turned */
    private function pose(int $index, Pose $pose): array
    {
        $round = static fn (float $value): float => (float) Decimal::of($value, 4);

        return [
            'pivot' => [$round($pose->pivot->x), $round($pose->pivot->y)],
            'x' => $this->property($index, 'x', $pose->x, $round),
            'y' => $this->property($index, 'y', $pose->y, $round),
            'size' => $this->property($index, 'size', $pose->size, $round),
            'turn' => $this->property($index, 'turn', $pose->turn, $round),
        ];
    }

    /**
     * The value on the first frame; a property that changes gets a track as well.
     *
     * @template T
     *
     * @param Track<T> $track
     * @param \Closure(T): (int|float|string)|null $write
     */
    private function property(int $node, string $name, Track $track, ?\Closure $write = null): int|float|string
    {
        $seen = $this->exposure->of(
            $track,
            $write ?? static fn (mixed $value): int|float => is_int($value) || is_float($value) ? $value : 0,
            $this->isHeld,
        );
        if (count($seen) > 1) {
            $this->tracks[] = [
                'node' => $node,
                'property' => $name,
                'frames' => array_keys($seen),
                'values' => array_values($seen),
            ];
        }

        return reset($seen);
    }

    private function run(Run $run): int
    {
        $key = $run->font->id.($run->glyphs !== [] && $run->glyphs[0]->tabular ? '#' : ' ').$run->text;
        if (isset($this->runs[$key])) {
            return $this->runs[$key];
        }
        $places = [];
        foreach ($run->glyphs as $glyph) {
            $name = $run->font->id.($glyph->tabular ? '#' : ' ').$glyph->character;
            if (!isset($this->glyphs[$name])) {
                $this->glyphs[$name] = count($this->glyphData);
                $this->glyphData[] = $run->font->outline($glyph->character, $glyph->tabular);
            }
            $places[] = $this->glyphs[$name];
            $places[] = $glyph->x;
        }
        $this->runData[] = [$run->text, $run->width, $places];

        return $this->runs[$key] = count($this->runData) - 1;
    }

    private function paint(Paint $paint): int|string
    {
        $description = $paint->description();
        if (is_string($description)) {
            return $description;
        }
        $key = (string) json_encode($description);
        if (!isset($this->paints[$key])) {
            $this->paints[$key] = count($this->paintData);
            $this->paintData[] = $description;
        }

        return $this->paints[$key];
    }
}
