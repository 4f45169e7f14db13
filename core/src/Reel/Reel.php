<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/**
 * The computed animation, ready to be painted: the drawing once, and what changes on which frame. Lengths are pixels of
 * the stage, times whole frames, opacities 0 to 1.
 */
final readonly class Reel
{
    public function __construct(
        public int $width,
        public int $height,
        /** @var array{int, int} frames in a second: numerator and denominator */
        public array $rate,
        /** of the whole piece */
        public int $frames,
        /** the first frame that this reel holds */
        public int $from,
        /** the last */
        public int $to,
        /** moments of each frame that a shutter takes: odd, the middle one the frame itself; 1: frames alone */
        public int $samples,
        /** @var list<string> path data, absolute M, L, A and Z; number 0 is empty */
        public array $outlines,
        /** @var list<string> path data in font units, y down, absolute M, L, Q, C and Z */
        public array $glyphs,
        /**
         * @var list<array{string, float, list<int|float>}> set texts: the text, its width in font units, and by turns
         *                                                  a glyph's number and its place in font units
         */
        public array $runs,
        /** @var list<LinearPaint|RadialPaint|AlongPaint|PatternPaint|DotsPaint|TilePaint|CloudsPaint|PicturePaint> */
        public array $paints,
        /** @var list<Blur|Inner> what is done to outlines */
        public array $effects,
        /** @var list<ReelGroup|ReelPath|ReelText> the drawing, from the back to the front */
        public array $nodes,
        /** @var list<ReelTrack> */
        public array $tracks,
        /** version of this format */
        public int $reel = 3,
    ) {
    }

    /**
     * A reel that was written by this version.
     *
     * @param array<string, mixed> $json
     */
    public static function read(array $json): self
    {
        return self::made(self::class, [
            ...$json,
            'paints' => array_map(self::paint(...), self::list($json['paints'])),
            'effects' => array_map(self::effect(...), self::list($json['effects'])),
            'nodes' => array_map(self::node(...), self::list($json['nodes'])),
            'tracks' => array_map(
                static fn (array $track): ReelTrack => self::made(ReelTrack::class, $track),
                self::list($json['tracks']),
            ),
        ]);
    }

    /** @param array<string, mixed> $paint */
    private static function paint(array $paint): WovenPaint
    {
        return match ($paint['kind']) {
            'linear' => self::made(LinearPaint::class, $paint),
            'radial' => self::made(RadialPaint::class, $paint),
            'along' => self::made(AlongPaint::class, $paint),
            'dots' => self::made(DotsPaint::class, $paint),
            'tile' => self::made(TilePaint::class, $paint),
            'clouds' => self::made(CloudsPaint::class, $paint),
            'picture' => self::made(PicturePaint::class, $paint),
            default => self::made(PatternPaint::class, $paint),
        };
    }

    /** @param array<string, mixed> $effect */
    private static function effect(array $effect): Blur|Inner
    {
        return $effect['kind'] === 'inner' ? self::made(Inner::class, $effect) : self::made(Blur::class, $effect);
    }

    /** @param array<string, mixed> $node */
    private static function node(array $node): ReelGroup|ReelPath|ReelText
    {
        return match ($node['kind']) {
            'group' => self::made(ReelGroup::class, [
                ...$node,
                'role' => Role::from(is_string($node['role']) ? $node['role'] : ''),
                'pose' => self::orNone(ReelPose::class, $node['pose']),
                'children' => array_map(self::node(...), self::list($node['children'])),
            ]),
            'path' => self::made(ReelPath::class, [
                ...$node,
                'stroke' => is_array($node['stroke']) ? self::made(ReelStroke::class, [
                    ...$node['stroke'],
                    'light' => self::orNone(ReelLight::class, $node['stroke']['light']),
                ]) : null,
                'mark' => self::orNone(ReelMark::class, $node['mark']),
            ]),
            default => self::made(ReelText::class, $node),
        };
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T|null
     */
    private static function orNone(string $class, mixed $written): ?object
    {
        return is_array($written) ? self::made($class, $written) : null;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param array<mixed> $written its fields by their names
     *
     * @return T
     */
    private static function made(string $class, array $written): object
    {
        return new $class(...$written);
    }

    /** @return list<array<string, mixed>> */
    private static function list(mixed $written): array
    {
        /** @var list<array<string, mixed>> $written */
        return $written;
    }
}
