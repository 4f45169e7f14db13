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
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Words\Run;

/**
 * A film as an SVG that plays by itself: what a still has as attributes, with SMIL in them where they change. Each mark
 * is an element with `data-figure`, `data-chart` and `data-label`. What does not play it shows a still, and so does
 * what is told that nothing is to move.
 */
final class AnimatedSvg
{
    /** bytes that a browser opens and plays well */
    public const MOST = 12_000_000;

    private readonly SvgNodes $nodes;

    private readonly Smil $smil;

    private readonly FrameRange $range;

    /** @var array<string, array{string, string}> outlines over time by what they are: id and element */
    private array $outlines = [];

    private int $length = 0;

    private function __construct(
        private readonly Drawing $drawing,
        private readonly int $still,
        private readonly SvgDefinitions $definitions,
        bool $loops,
        private readonly ?\Closure $meanwhile,
    ) {
        $this->nodes = new SvgNodes($drawing->width, $drawing->height);
        $this->range = $drawing->range;
        $this->smil = Smil::over(
            $this->range->count(),
            $drawing->rateNumerator,
            $drawing->rateDenominator,
            $loops,
        );
    }

    /**
     * @param Drawing $drawing of the frames that are wanted, without a shutter
     * @param int $still the frame that is seen where it does not play
     * @param bool $loops whether it begins again at the end
     * @param \Closure(string, int): string $pictures a picture as a data URI, by its fingerprint and its blur
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     *
     * @throws TooLong where it would be too large to be played
     */
    public static function of(
        Drawing $drawing,
        int $still,
        string $title,
        string $description,
        bool $loops,
        \Closure $pictures,
        ?\Closure $meanwhile = null,
    ): string {
        $definitions = new SvgDefinitions($pictures);
        $svg = new self($drawing, $still, $definitions, $loops, $meanwhile);
        $body = implode('', array_map($svg->node(...), $drawing->nodes));
        $stands = self::standing(Svg::body($drawing, $still, $definitions));
        $moves = "<g class=\"moving\">\n".$body."</g>\n";

        return Svg::whole($drawing, $title, $description, $definitions->toSvg().$svg->told($moves.$stands));
    }

    /**
     * The still, for those who want nothing to move. Where styles are not heeded it is not seen.
     *
     * Source: Media Queries Level 5, prefers-reduced-motion.
     */
    private static function standing(string $still): string
    {
        $style = '.moving { display: none } .standing { display: inline }';

        return '<style>@media (prefers-reduced-motion: reduce) { '.$style." }</style>\n"
            ."<g class=\"standing\" display=\"none\">\n"
            // A figure is named once.
            .preg_replace('/ (?:data-[a-z-]+|aria-label)="[^"]*"/', '', $still)
            ."</g>\n";
    }

    private function node(Node $node): string
    {
        $text = match (true) {
            $node instanceof GroupNode => $this->group($node),
            $node instanceof PathNode => $this->path($node),
            $node instanceof TextNode => $this->text($node),
            default => '',
        };
        if (!$node instanceof GroupNode) {
            $this->heed(strlen($text));
        }

        return $text;
    }

    /** @throws TooLong */
    private function heed(int $bytes): void
    {
        $this->length += $bytes;
        if ($this->length + $this->definitions->length() > self::MOST) {
            throw new TooLong(sprintf(
                'An animated SVG of these frames would be larger than %d MB, more than browsers play well. What drifts all over the stage, such as clouds, is a picture for each frame in it. Choose fewer frames, stop the drift, or make a page or a film.',
                intdiv(self::MOST, 1_000_000),
            ));
        }
        if ($this->meanwhile !== null) {
            ($this->meanwhile)();
        }
    }

    private function group(GroupNode $node): string
    {
        $opacities = $node->opacity === null ? [0 => '1'] : $this->values(
            $node->opacity,
            static fn (float $opacity): string => Decimal::of($opacity, 4),
        );
        $children = array_filter($opacities, static fn (string $one): bool => $one !== '0') === []
            ? ''
            : implode('', array_map($this->node(...), $node->children));
        if ($children === '') {
            return '';
        }
        $attributes = $animated = '';
        $this->put('opacity', $opacities, '1', $attributes, $animated);
        if ($node->clip !== null) {
            $attributes .= ' clip-path="url(#'.$this->clip($node->clip).')"';
        }
        if ($node->mask !== null) {
            $masks = $this->values($node->mask, fn (object $tile): string => 'url(#'.$this->definitions->id(
                $this->nodes->mask($tile, $this->definitions),
            ).')');
            $this->put('mask', $masks, '', $attributes, $animated);
        }
        if ($node->pose !== null) {
            // A clip is in the group's own pixels, so it is moved with its children.
            return $this->posed($node->pose, '<g'.$attributes.'>'.$animated."\n".$children."</g>\n");
        }

        return '<g'.$attributes.'>'.$animated."\n".$children."</g>\n";
    }

    /** A group for each part of a pose, for each can change by itself. */
    private function posed(Pose $pose, string $content): string
    {
        $pivot = $pose->pivot;
        $point = static fn (float $x, float $y): string => Decimal::of($pivot->x + $x, 4)
            .' '.Decimal::of($pivot->y + $y, 4);
        $places = $pose->x->with($pose->y, static fn (float $x, float $y): array => [$x, $y]);
        $moved = $this->values($places, static fn (array $by): string => $point(...$by));
        $turned = $this->values($pose->turn, static fn (float $turn): string => Decimal::of($turn, 4));
        $sized = $this->values($pose->size, static fn (float $size): string => Decimal::of($size, 6));
        $back = Decimal::of(-$pivot->x, 4).' '.Decimal::of(-$pivot->y, 4);
        $isTurned = count($turned) > 1 || $this->at($turned) !== '0';
        $isSized = count($sized) > 1 || $this->at($sized) !== '1';
        $content = '<g transform="translate('.$back.')">'.$content."</g>\n";
        $parts = [['scale', $sized, $isSized], ['rotate', $turned, $isTurned], ['translate', $moved, true]];
        foreach ($parts as [$type, $values, $is]) {
            $content = !$is ? $content : sprintf(
                "<g transform=\"%s(%s)\">%s%s</g>\n",
                $type,
                $this->at($values),
                $this->smil->transform($type, $values),
                $content,
            );
        }

        return $content;
    }

    /** @param Track<string> $outline */
    private function clip(Track $outline): string
    {
        // A list of values has no empty one.
        $values = $this->values($outline, static fn (string $path): string => $path === '' ? 'M0 0Z' : $path);

        return $this->definitions->define('c', '<clipPath id="%1$s"><path d="'.$this->at($values).'">'
            .$this->smil->attribute('d', $values).'</path></clipPath>');
    }

    private function path(PathNode $node): string
    {
        $frames = $this->framesOf([
            $node->outline, $node->fill, $node->opacity, $node->effect,
            $node->stroke?->width, $node->stroke?->dash, $node->stroke?->gap, $node->stroke?->offset,
            $node->stroke?->light?->length, $node->stroke?->light?->place,
        ]);
        $seen = [];
        foreach ($frames as $at => $frame) {
            $seen[$at] = $this->nodes->path($node, $frame);
        }
        $text = '';
        foreach ($this->phases($seen) as $phase) {
            $text .= $this->phase($node, $phase);
        }

        return $text;
    }

    /**
     * What is seen of an outline, in parts within each of which every attribute keeps its form.
     *
     * @param non-empty-array<int, array<string, string|SvgReference>|null> $seen by frame
     *
     * @return list<non-empty-array<int, array<string, string|SvgReference>|null>> each with all frames; null: not seen
     */
    private function phases(array $seen): array
    {
        $phases = [];
        $forms = [];
        foreach ($seen as $frame => $attributes) {
            if ($attributes === null || $attributes['d'] === '') {
                continue;
            }
            $form = implode(' ', array_map(
                static fn (string $name, string|SvgReference $value): string => $name.(
                    is_string($value) ? '' : ':'.SvgCourse::formOf($value->content)
                ),
                array_keys($attributes),
                $attributes,
            ));
            $forms[$form] ??= count($forms);
            $phases[$forms[$form]][$frame] = $attributes;
        }

        return array_map(
            static fn (array $its): array => array_map(
                static fn (int $frame): ?array => $its[$frame] ?? null,
                array_combine(array_keys($seen), array_keys($seen)),
            ),
            array_values($phases),
        );
    }

    /** @param non-empty-array<int, array<string, string|SvgReference>|null> $phase */
    private function phase(PathNode $node, array $phase): string
    {
        $there = array_filter($phase, static fn (?array $one): bool => $one !== null);
        $first = reset($there);
        if ($first === false) {
            return '';
        }
        $attributes = $animated = '';
        if ($node->mark !== null) {
            $attributes = sprintf(
                ' data-figure="%s" data-chart="%s" data-label="%s"',
                SvgNodes::escape($node->mark->figureId),
                SvgNodes::escape($node->mark->chartId),
                SvgNodes::escape($node->mark->label),
            );
        }
        $attributes .= $node->trackOf === null ? '' : ' data-track="'.SvgNodes::escape($node->trackOf).'"';
        if (count($there) < count($phase)) {
            $this->put(
                'display',
                array_map(static fn (?array $one): string => $one === null ? 'none' : 'inline', $phase),
                'inline',
                $attributes,
                $animated,
            );
        }
        foreach (array_keys($first) as $name) {
            $values = array_map(static fn (array $one): string|SvgReference => $one[$name] ?? '', $there);
            if ($name === 'd') {
                /** @var non-empty-array<int, string> $values */
                $attributes .= ' href="#'.$this->outline($values).'"';
            } elseif (reset($values) instanceof SvgReference) {
                /** @var non-empty-array<int, SvgReference> $values */
                $attributes .= sprintf(' %s="url(#%s)"', $name, $this->reference($values));
            } else {
                /** @var non-empty-array<int, string> $values */
                $this->put($name, $values, '', $attributes, $animated);
            }
        }

        return '<use'.$attributes.($animated === '' ? '/>' : '>'.$animated.'</use>')."\n";
    }

    /**
     * The id of an outline over time: once for all that are drawn with it.
     *
     * @param non-empty-array<int, string> $values
     */
    private function outline(array $values): string
    {
        $key = md5(json_encode($values, JSON_THROW_ON_ERROR));
        if (!isset($this->outlines[$key])) {
            $id = 'o'.count($this->outlines);
            $animated = $this->smil->attribute('d', $values);
            $element = '<path id="'.$id.'" d="'.$this->at($values).'"'.(
                $animated === '' ? '/>' : '>'.$animated.'</path>'
            )."\n";
            $this->heed(strlen($element));
            $this->outlines[$key] = [$id, $element];
        }

        return $this->outlines[$key][0];
    }

    /**
     * The id of what is referred to over time: one definition, in which what changes is animated.
     *
     * @param non-empty-array<int, SvgReference> $values all of one form
     */
    private function reference(array $values): string
    {
        $still = $this->at($values);
        $contents = array_map(static fn (SvgReference $one): string => $one->content, $values);
        $content = SvgCourse::of($contents, $this->at($contents), $this->smil);

        return $this->definitions->id(new SvgReference($still->letter, $content, $still->picture));
    }

    private function text(TextNode $node): string
    {
        $runs = [];
        foreach ($this->framesOf([$node->run, $node->x, $node->y]) as $at => $frame) {
            $run = $node->run->at($frame);
            $runs[$run->text]['run'] = $run;
            $runs[$run->text]['at'][$at] = Decimal::of(SvgNodes::begin($node, $run, $frame), 3).' '
                .Decimal::of($node->y->at($frame), 3);
        }
        $all = [];
        foreach ($runs as $text => ['at' => $places]) {
            foreach (array_keys($places) as $at) {
                $all[$at] = (string) $text;
            }
        }
        ksort($all);
        $texts = '';
        foreach ($runs as $text => ['run' => $run, 'at' => $places]) {
            $texts .= $node->isPainted && $run->text !== '' ? $this->run($node, $run, $places, array_map(
                static fn (string $one): string => $one === (string) $text ? 'inline' : 'none',
                $all,
            )) : '';
        }

        return $texts;
    }

    /**
     * @param non-empty-array<int, string> $places by frame
     * @param non-empty-array<int, string> $displays by frame
     */
    private function run(TextNode $node, Run $run, array $places, array $displays): string
    {
        $attributes = $animated = '';
        if (in_array('none', $displays, true)) {
            $this->put('display', $displays, 'inline', $attributes, $animated);
        }
        $moved = $this->smil->transform('translate', $places);

        return sprintf(
            "<g aria-label=\"%s\" fill=\"%s\"%s>%s<g transform=\"translate(%s)\">%s<g transform=\"scale(%s)\">%s</g></g></g>\n",
            SvgNodes::escape($run->text),
            $node->colour,
            $attributes,
            $animated,
            $this->at($places),
            $moved,
            Decimal::of($node->scale, 7),
            SvgNodes::letters($node, $run, $this->definitions),
        );
    }

    /**
     * An attribute as it is on the still, and how it changes.
     *
     * @param non-empty-array<int, string> $values by frame
     * @param string $usual what needs not be said
     */
    private function put(string $name, array $values, string $usual, string &$attributes, string &$animated): void
    {
        $still = $this->at($values);
        $change = $this->smil->attribute($name, $values);
        $attributes .= $still === $usual && $change === '' ? '' : ' '.$name.'="'.$still.'"';
        $animated .= $change;
    }

    /**
     * What is seen on the still: of what is not there then, what is nearest.
     *
     * @template T
     *
     * @param non-empty-array<int, T> $values by frame
     *
     * @return T
     */
    private function at(array $values): mixed
    {
        $found = reset($values);
        foreach ($values as $frame => $value) {
            if ($frame + $this->range->from <= $this->still) {
                $found = $value;
            }
        }

        return $found;
    }

    /**
     * @template T
     *
     * @param Track<T> $track
     * @param \Closure(T): string $said
     *
     * @return non-empty-array<int, string> by frames counted from the first, where it changes
     */
    private function values(Track $track, \Closure $said): array
    {
        $values = [];
        foreach ($this->framesOf([$track]) as $at => $frame) {
            $values[$at] = $said($track->at($frame));
        }

        return $values;
    }

    /**
     * @param list<Track<mixed>|null> $tracks
     *
     * @return non-empty-array<int, int> frames on which one of them changes, by frames counted from the first
     */
    private function framesOf(array $tracks): array
    {
        $frames = [0 => $this->range->from];
        foreach ($tracks as $track) {
            foreach ($track->changes ?? [] as $change) {
                if ($change > $this->range->from && $change <= $this->range->to) {
                    $frames[$change - $this->range->from] = $change;
                }
            }
        }
        ksort($frames);

        return $frames;
    }

    /** All of it, with the outlines before what is drawn with them. */
    private function told(string $body): string
    {
        $text = implode('', array_column($this->outlines, 1));

        return ($text === '' ? '' : "<defs>\n".$text."</defs>\n").$body;
    }
}
