<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Motion\Exposure;
use Lupine\Core\Motion\Track;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\CloudsPaint;
use Lupine\Core\Reel\DotsPaint;
use Lupine\Core\Reel\Effect;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Inner;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\PatternPaint;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Reel\ReelGroup;
use Lupine\Core\Reel\ReelLight;
use Lupine\Core\Reel\ReelMark;
use Lupine\Core\Reel\ReelPath;
use Lupine\Core\Reel\ReelPose;
use Lupine\Core\Reel\ReelStroke;
use Lupine\Core\Reel\ReelText;
use Lupine\Core\Reel\ReelTrack;
use Lupine\Core\Reel\TilePaint;
use Lupine\Core\Words\Run;

/**
 * Writes a drawing as a reel: outlines, glyphs, set texts and paints stand in it once, and what changes are tracks. Of
 * a drawing with a shutter, tracks count the moments of its clock.
 */
final class WriteReel
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

    /** @var list<LinearPaint|RadialPaint|PatternPaint|DotsPaint|TilePaint|CloudsPaint|PicturePaint> */
    private array $paintData = [];

    /** @var array<string, int> */
    private array $effects = [];

    /** @var list<Blur|Inner> */
    private array $effectData = [];

    /** @var list<ReelTrack> */
    private array $tracks = [];

    private int $nodes = 0;

    /** whether the node at hand is seen as it is on whole frames */
    private bool $isHeld = false;

    /** @param (\Closure(): void)|null $meanwhile */
    private function __construct(private readonly Exposure $exposure, private readonly ?\Closure $meanwhile)
    {
    }

    /**
     * Of the frames that the drawing was asked for.
     *
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public static function of(Drawing $drawing, ?\Closure $meanwhile = null): Reel
    {
        $write = new self(new Exposure($drawing->range, $drawing->clock), $meanwhile);
        $nodes = $write->nodes($drawing->nodes, false);

        return new Reel(
            $drawing->width,
            $drawing->height,
            [$drawing->rateNumerator, $drawing->rateDenominator],
            $drawing->frames,
            $drawing->range->from,
            $drawing->range->to,
            $drawing->clock->samples,
            array_map('strval', array_keys($write->outlines)),
            $write->glyphData,
            $write->runData,
            $write->paintData,
            $write->effectData,
            $nodes,
            $write->tracks,
        );
    }

    /**
     * @param list<Node> $nodes
     *
     * @return list<ReelGroup|ReelPath|ReelText>
     */
    private function nodes(array $nodes, bool $isHeld): array
    {
        return array_map(
            fn (Node $node): ReelGroup|ReelPath|ReelText => $this->node($node, $isHeld),
            $nodes,
        );
    }

    /** @param bool $isHeld whether it is seen as it is on whole frames */
    private function node(Node $node, bool $isHeld): ReelGroup|ReelPath|ReelText
    {
        $index = $this->nodes++;
        $this->meanwhile?->__invoke();
        $isHeld = $isHeld || ($node instanceof GroupNode && $node->isHeld);
        $this->isHeld = $isHeld;
        if ($node instanceof GroupNode) {
            return new ReelGroup(
                $index,
                $node->role,
                $node->of,
                $node->opacity === null ? 1.0 : $this->number($index, 'opacity', $node->opacity),
                $node->pose === null ? null : $this->pose($index, $node->pose),
                $node->clip === null ? null : (int) $this->property($index, 'clip', $node->clip, $this->outline(...)),
                $node->mask === null ? null : (int) $this->property($index, 'mask', $node->mask, $this->paint(...)),
                $this->nodes($node->children, $isHeld),
            );
        }
        if ($node instanceof PathNode) {
            return new ReelPath(
                $index,
                (int) $this->property($index, 'outline', $node->outline, $this->outline(...)),
                $this->fill($index, $node->fill),
                $this->number($index, 'opacity', $node->opacity),
                $node->blend,
                $node->effect === null ? null : (int) $this->property(
                    $index,
                    'effect',
                    $node->effect,
                    $this->effect(...),
                ),
                $node->stroke === null ? null : $this->stroke($index, $node->stroke),
                $node->mark === null ? null : $this->mark($index, $node->mark),
            );
        }
        \assert($node instanceof TextNode);

        return new ReelText(
            $index,
            (int) $this->property($index, 'run', $node->run->held(), $this->run(...)),
            $this->number($index, 'x', $node->x, 3),
            $this->number($index, 'y', $node->y, 3),
            $node->scale,
            $node->align,
            $node->colour,
            $node->readingOf,
            $node->isPainted,
            $node->inks,
            $node->edge,
            $node->bend,
        );
    }

    private function mark(int $index, Mark $mark): ReelMark
    {
        return new ReelMark(
            $mark->chartId,
            $mark->figureId,
            $mark->label,
            $mark->measure,
            $this->number($index, 'whole', $mark->whole),
            [self::rounded($mark->pivot->x, 3), self::rounded($mark->pivot->y, 3)],
        );
    }

    private function stroke(int $index, Stroke $stroke): ReelStroke
    {
        return new ReelStroke(
            $this->number($index, 'width', $stroke->width),
            $stroke->caps,
            $stroke->dash === null ? 0.0 : $this->number($index, 'dash', $stroke->dash, 4),
            $stroke->gap === null ? 0.0 : $this->number($index, 'gap', $stroke->gap, 4),
            $stroke->offset === null ? 0.0 : $this->number($index, 'offset', $stroke->offset),
            $stroke->light === null ? null : new ReelLight(
                $this->number($index, 'length', $stroke->light->length, 3),
                $this->number($index, 'place', $stroke->light->place, 6),
            ),
        );
    }

    private function pose(int $index, Pose $pose): ReelPose
    {
        return new ReelPose(
            [self::rounded($pose->pivot->x, 4), self::rounded($pose->pivot->y, 4)],
            $this->number($index, 'x', $pose->x, 4),
            $this->number($index, 'y', $pose->y, 4),
            $this->number($index, 'size', $pose->size, 4),
            $this->number($index, 'turn', $pose->turn, 4),
        );
    }

    private function outline(string $outline): int
    {
        return $this->outlines[$outline] ??= count($this->outlines);
    }

    /**
     * @param Track<float> $track
     * @param int|null $digits after the point; null: all of them
     */
    private function number(int $node, string $name, Track $track, ?int $digits = null): int|float
    {
        $write = $digits === null
            ? static fn (int|float $value): int|float => $value
            : static fn (float $value): float => self::rounded($value, $digits);
        $value = $this->property($node, $name, $track, $write);
        \assert(!is_string($value));

        return $value;
    }

    /** @param Track<Paint> $track */
    private function fill(int $node, Track $track): int|string
    {
        $value = $this->property($node, 'fill', $track, $this->paint(...));
        \assert(!is_float($value));

        return $value;
    }

    private static function rounded(float $value, int $digits): float
    {
        return (float) Decimal::of($value, $digits);
    }

    /**
     * The value on the first frame; a property that changes gets a track as well.
     *
     * @template T
     *
     * @param Track<T> $track
     * @param \Closure(T): (int|float|string) $write
     */
    private function property(int $node, string $name, Track $track, \Closure $write): int|float|string
    {
        $seen = $this->exposure->of($track, $write, $this->isHeld);
        if (count($seen) > 1) {
            $this->tracks[] = new ReelTrack($node, $name, array_keys($seen), array_values($seen));
        }

        return reset($seen);
    }

    private function run(Run $run): int
    {
        $key = $run->key;
        if (isset($this->runs[$key])) {
            return $this->runs[$key];
        }
        $places = [];
        foreach ($run->glyphs as $glyph) {
            if (!isset($this->glyphs[$glyph->name])) {
                $this->glyphs[$glyph->name] = count($this->glyphData);
                $this->glyphData[] = $glyph->outline;
            }
            $places[] = $this->glyphs[$glyph->name];
            $places[] = $glyph->x;
        }
        $this->runData[] = [$run->text, $run->width, $places];

        return $this->runs[$key] = count($this->runData) - 1;
    }

    private function paint(Paint $paint): int|string
    {
        if ($paint instanceof FlatPaint) {
            return $paint->colour;
        }
        /** @var LinearPaint|RadialPaint|PatternPaint|DotsPaint|TilePaint|CloudsPaint|PicturePaint $paint */
        $key = (string) json_encode($paint);
        if (!isset($this->paints[$key])) {
            $this->paints[$key] = count($this->paintData);
            $this->paintData[] = $paint;
        }

        return $this->paints[$key];
    }

    private function effect(Effect $effect): int
    {
        /** @var Blur|Inner $effect */
        $key = (string) json_encode($effect);
        if (!isset($this->effects[$key])) {
            $this->effects[$key] = count($this->effectData);
            $this->effectData[] = $effect;
        }

        return $this->effects[$key];
    }
}
