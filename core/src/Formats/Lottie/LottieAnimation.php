<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Formats\SvgNodes;
use Lupine\Core\Formats\TooLong;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Reel\Paint;

/**
 * A film as vector animation JSON. Marks, lines and words are outlines; what the format has not (soft edges, textures,
 * patterns, pictures) is painted and stands in it as pictures, each for as long as it is seen.
 *
 * Source: Lottie Specification 1.0 of the Lottie Animation Community: Composition, Layers, Shapes, Assets, Masks.
 * `hasMask`, `inv` and `x` of masks, and `st` of all layers, are not in it; the player that it is tried in asks for
 * them.
 */
final class LottieAnimation
{
    /** bytes that players open and play well */
    public const MOST = 12_000_000;

    /** pictures in one */
    public const MOST_PICTURES = 1_500;

    private const VERSION = '5.7.0';

    private const COMPOSITION = 0;
    private const IMAGE = 2;
    private const NULL = 3;
    private const SHAPE = 4;

    private readonly FrameRange $range;

    private readonly Softness $softness;

    private readonly Transforms $transforms;

    /** @var list<array<string, mixed>> */
    private array $assets = [];

    /** @var array<string, string> ids of pictures by what is in them */
    private array $pictureIds = [];

    private int $bytes = 0;

    /** @param \Closure(Drawing, list<int>): array<int, Picture|null> $painted */
    private function __construct(private readonly Drawing $drawing, private readonly \Closure $painted)
    {
        $this->range = $drawing->range;
        $this->softness = new Softness($drawing->range);
        $this->transforms = new Transforms($drawing->range);
    }

    /**
     * @param Drawing $drawing of the frames that are wanted, without a shutter
     * @param list<array{int, int, string}> $lines what is said: first frame, the one after the last, and text
     * @param \Closure(Drawing, list<int>): array<int, Picture|null> $painted what is seen of a drawing, by frame
     *
     * @throws TooLong where it would be too large to be played
     */
    public static function of(
        Drawing $drawing,
        string $title,
        string $description,
        array $lines,
        \Closure $painted,
    ): string {
        $animation = new self($drawing, $painted);
        if ($animation->softness->count($drawing->nodes) > self::MOST_PICTURES) {
            throw self::tooLong();
        }
        $layers = $animation->layers($drawing->nodes, null);
        $text = self::json([
            'v' => self::VERSION,
            'fr' => round($drawing->rateNumerator / $drawing->rateDenominator, 6),
            'ip' => 0,
            'op' => $animation->range->count(),
            'w' => $drawing->width,
            'h' => $drawing->height,
            'nm' => $title,
            'meta' => ['d' => $description],
            'assets' => $animation->assets,
            'layers' => $layers,
            'markers' => array_map(static fn (array $line): array => [
                'cm' => $line[2],
                'tm' => $line[0] - $animation->range->from,
                'dr' => $line[1] - $line[0],
            ], $lines),
        ]);

        return strlen($text) <= self::MOST ? $text : throw self::tooLong();
    }

    /** @param array<string, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function tooLong(): TooLong
    {
        return new TooLong(sprintf(
            'As vector animation JSON these frames would be larger than %d MB or need more than %d pictures: the format has no soft edges, textures or patterns, so each that moves is a picture for every frame. Choose fewer frames, take such coats off what moves, or make an animated SVG or a page.',
            intdiv(self::MOST, 1_000_000),
            self::MOST_PICTURES,
        ));
    }

    /**
     * Layers of nodes, the one in front first.
     *
     * @param list<Node> $nodes from the back to the front
     * @param int|null $parent the number of the layer that they move with
     * @param list<array<string, mixed>> $layers those behind them
     *
     * @return list<array<string, mixed>>
     */
    private function layers(array $nodes, ?int $parent, array $layers = []): array
    {
        $soft = [];
        foreach ($nodes as $node) {
            $isSoft = $this->softness->has($node);
            // Pictures that lie on each other are one; what is blended is one by itself.
            $isPlain = Softness::blendOf($node) === Blend::NORMAL;
            if ($soft !== [] && (!$isSoft || !$isPlain || Softness::blendOf($soft[0]) !== Blend::NORMAL)) {
                $layers = $this->softLayers($soft, $parent, $layers);
                $soft = [];
            }
            if ($isSoft) {
                $soft[] = $node;

                continue;
            }
            $layers = match (true) {
                $node instanceof GroupNode => $this->group($node, $parent, $layers),
                $node instanceof PathNode => $this->path($node, $parent, $layers),
                $node instanceof TextNode => $this->text($node, $parent, $layers),
                default => $layers,
            };
        }

        return $soft === [] ? $layers : $this->softLayers($soft, $parent, $layers);
    }

    /**
     * @param list<array<string, mixed>> $layers
     *
     * @return list<array<string, mixed>>
     */
    private function group(GroupNode $node, ?int $parent, array $layers): array
    {
        $opacities = $node->opacity === null ? [0 => 100.0] : $this->transforms->values(
            $node->opacity,
            static fn (float $one): float => 100 * $one,
        );
        if (max($opacities) <= 0.0) {
            return $layers;
        }
        if ($node->pose !== null) {
            $layers = $this->put($layers, self::NULL, $parent, ['ks' => $this->transforms->posed($node->pose)]);
            $parent = count($layers);
        }
        if ($node->clip === null && min($opacities) >= 100.0) {
            return $this->layers($node->children, $parent, $layers);
        }
        // Put together before it is seen through, on a sheet that reaches a stage further on every side.
        [$wide, $high] = [$this->drawing->width, $this->drawing->height];
        $base = $this->put([], self::NULL, null, ['ks' => Transforms::placed([(float) $wide, (float) $high])]);
        $children = $this->layers($node->children, count($base), $base);
        if (count($children) === 1) {
            return $layers;
        }
        $id = 'group-'.count($this->assets);
        $this->assets[] = ['id' => $id, 'layers' => $children];
        $this->heed(strlen(self::json(['layers' => $children])));

        return $this->put($layers, self::COMPOSITION, $parent, [
            'refId' => $id,
            'w' => 3 * $wide,
            'h' => 3 * $high,
            'ks' => [
                ...Transforms::placed([0.0, 0.0], [(float) $wide, (float) $high]),
                'o' => Keys::number($opacities),
            ],
            ...$node->clip === null ? [] : ['hasMask' => true, 'masksProperties' => $this->clipped($node->clip)],
        ]);
    }

    /**
     * @param Track<string> $clip
     *
     * @return list<array<string, mixed>>
     */
    private function clipped(Track $clip): array
    {
        [$wide, $high] = [$this->drawing->width, $this->drawing->height];
        $values = $this->transforms->values($clip, static fn (string $data): string => (string) preg_replace_callback(
            '/(-?[\d.]+) (-?[\d.]+)(?=$|[A-Z])/',
            static fn (array $point): string => ((float) $point[1] + $wide).' '.((float) $point[2] + $high),
            $data,
        ));

        return array_map(static fn (array $shape): array => [
            'inv' => false,
            'mode' => 'a',
            'pt' => $shape['ks'],
            'o' => ['a' => 0, 'k' => 100],
            'x' => ['a' => 0, 'k' => 0],
        ], Outlines::over($values));
    }

    /**
     * A layer for each kind of paint that an outline has over time.
     *
     * @param list<array<string, mixed>> $layers
     *
     * @return list<array<string, mixed>>
     */
    private function path(PathNode $node, ?int $parent, array $layers): array
    {
        $stroke = $node->stroke;
        $frames = $this->framesOf([
            $node->outline, $node->fill, $node->opacity, $stroke?->width, $stroke?->dash, $stroke?->gap,
            $stroke?->offset, $stroke?->light?->length, $stroke?->light?->place,
        ]);
        $forms = [];
        foreach ($frames as $at => $frame) {
            $seen = Paints::at($node, $frame);
            if ($node->outline->at($frame) !== '' && $node->opacity->at($frame) > 0.0) {
                $forms[Paints::form($seen['paint']).' '.count($seen['dashes'])][$at] = $seen;
            }
        }
        foreach ($forms as $seen) {
            $stretch = Paints::stretch(reset($seen)['paint']);
            $outlines = $opacities = [];
            foreach ($frames as $at => $frame) {
                $opacities[$at] = isset($seen[$at]) ? 100 * $node->opacity->at($frame) : 0.0;
            }
            foreach (array_keys($seen) as $at) {
                $outlines[$at] = $node->outline->at($frames[$at]);
            }
            $layers = $this->put($layers, self::SHAPE, $parent, [
                ...$node->mark === null ? [] : ['nm' => $node->mark->label],
                'ks' => [
                    ...Transforms::placed(),
                    'o' => Keys::number($opacities, count($forms) === 1 && !$node->opacity->isConstant()),
                ],
                ...Softness::blended($node->blend),
                'shapes' => [Transforms::grouped(
                    [...Outlines::over($outlines, $stretch), Paints::shape($node, $seen, $frames)],
                    [100.0, 100 * $stretch],
                )],
            ]);
        }

        return $layers;
    }

    /**
     * @param list<array<string, mixed>> $layers
     *
     * @return list<array<string, mixed>>
     */
    private function text(TextNode $node, ?int $parent, array $layers): array
    {
        if (!$node->isPainted) {
            return $layers;
        }
        $outlines = $places = [];
        foreach ($this->framesOf([$node->run, $node->x, $node->y]) as $at => $frame) {
            $run = $node->run->at($frame);
            $outlines[$at] = $run->path();
            $places[$at] = [SvgNodes::begin($node, $run, $frame), $node->y->at($frame)];
        }
        $first = $node->run->at($this->range->to);
        $shapes = Outlines::over($outlines, 1.0, false);

        return $shapes === [] ? $layers : $this->put($layers, self::SHAPE, $parent, [
            'nm' => $first->text,
            'ks' => Transforms::placed(),
            'shapes' => [Transforms::grouped(
                [...$shapes, [
                    'ty' => 'fl',
                    'c' => ['a' => 0, 'k' => [...Paints::parts($node->colour), 1]],
                    'o' => ['a' => 0, 'k' => 100],
                    'r' => 1,
                ]],
                [100 * $node->scale, 100 * $node->scale],
                // A text that changes stands where it is then, and does not slide there.
                Keys::list($places, $node->run->isConstant()),
            )],
        ]);
    }

    /**
     * What can only be painted: a picture for each time for which it is what it is.
     *
     * @param non-empty-list<Node> $nodes
     * @param list<array<string, mixed>> $layers
     *
     * @return list<array<string, mixed>>
     */
    private function softLayers(array $nodes, ?int $parent, array $layers): array
    {
        $blend = Softness::blendOf($nodes[0]);
        $plain = array_map(static fn (Node $node): Node => $node instanceof PathNode ? new PathNode(
            $node->outline,
            $node->fill,
            $node->opacity,
            $node->effect,
            $node->mark,
            $node->trackOf,
            $node->stroke,
        ) : $node, $nodes);
        $frames = $this->framesOf(Tracks::of($plain));
        $drawing = $this->drawing;
        $soft = new Drawing(
            $drawing->width,
            $drawing->height,
            $drawing->rateNumerator,
            $drawing->rateDenominator,
            $drawing->frames,
            $drawing->range,
            $plain,
            $drawing->timings,
            $drawing->clock,
        );
        $pictures = ($this->painted)($soft, array_values($frames));
        $begins = array_keys($frames);
        foreach ($begins as $place => $begin) {
            $picture = $pictures[$frames[$begin]] ?? null;
            if ($picture !== null) {
                $layers = $this->put($layers, self::IMAGE, $parent, [
                    'refId' => $this->picture($picture),
                    'ks' => Transforms::placed([(float) $picture->x, (float) $picture->y]),
                    ...Softness::blended($blend),
                    'ip' => $begin,
                    'op' => $begins[$place + 1] ?? $this->range->count(),
                ]);
            }
        }

        return $layers;
    }

    private function picture(Picture $picture): string
    {
        $key = md5($picture->data);
        if (!isset($this->pictureIds[$key])) {
            $this->pictureIds[$key] = 'picture-'.count($this->pictureIds);
            $this->assets[] = [
                'id' => $this->pictureIds[$key],
                'w' => $picture->width,
                'h' => $picture->height,
                'u' => '',
                'p' => $picture->data,
                'e' => 1,
            ];
            $this->heed(strlen($picture->data));
        }

        return $this->pictureIds[$key];
    }

    /** @throws TooLong */
    private function heed(int $bytes): void
    {
        $this->bytes += $bytes;
        if ($this->bytes > self::MOST) {
            throw self::tooLong();
        }
    }

    /**
     * One more layer, in front of the others.
     *
     * @param list<array<string, mixed>> $layers
     * @param array<string, mixed> $what
     *
     * @return non-empty-list<array<string, mixed>>
     */
    private function put(array $layers, int $type, ?int $parent, array $what): array
    {
        return [[
            'ty' => $type,
            'ind' => count($layers) + 1,
            ...$parent === null ? [] : ['parent' => $parent],
            'ip' => 0,
            'op' => $this->range->count(),
            'st' => 0,
            ...$what,
        ], ...$layers];
    }

    /**
     * @param list<Track<mixed>|null> $tracks
     *
     * @return non-empty-array<int, int> frames on which one of them changes, by frames counted from the first
     */
    private function framesOf(array $tracks): array
    {
        return Tracks::frames($tracks, $this->range);
    }
}
