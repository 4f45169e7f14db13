<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Piece\Coat\PatternCoat;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Group;

/** Coats to begin from, as documents have them: the first of a kind is what one gets who only turns it on. Taste. */
final readonly class CoatSamples
{
    /** @return array<string, list<array{name: string, coats: list<array<string, mixed>>}>> by the list they stand in */
    public static function all(): array
    {
        return [
            'edges' => self::named([
                'Glint' => [['length' => 300, 'at' => 0.1, 'width' => 6, 'shade' => 0.75, 'opacity' => 0.9]],
                'Two glints' => [
                    ['length' => 300, 'at' => 0.1, 'width' => 6, 'shade' => 0.75, 'opacity' => 0.9],
                    ['length' => 180, 'at' => 0.6, 'width' => 4, 'shade' => 0.6, 'opacity' => 0.7],
                ],
                'Rim' => [
                    ['length' => 900, 'at' => 0.15, 'width' => 3, 'shade' => 0.85, 'opacity' => 0.8, 'halo' => 0],
                ],
                'Travelling' => [
                    ['length' => 260, 'at' => 0, 'width' => 6, 'shade' => 0.8, 'opacity' => 0.95, 'round' => 96],
                ],
            ]),
            'lines' => self::named([
                'Inside' => [self::line(['width' => 4, 'place' => 'inside', 'opacity' => 0.8])],
                'Outline' => [self::line(['width' => 4, 'place' => 'centred', 'opacity' => 1])],
                'Around' => [['width' => 4, 'place' => 'outside', 'opacity' => 1, 'shade' => -0.7]],
                'Dashes' => [self::line([
                    'width' => 4, 'place' => 'inside', 'opacity' => 0.8, 'dash' => 18, 'gap' => 14, 'fitted' => true,
                ])],
                'Stitches' => [self::line([
                    'width' => 4, 'place' => 'apart', 'distance' => 18, 'opacity' => 1, 'colour' => '#f4ead2',
                    'dash' => 22, 'gap' => 13, 'fitted' => true,
                ])],
                'Two lines' => [
                    self::line(['width' => 3, 'place' => 'inside', 'opacity' => 0.9]),
                    self::line(['width' => 1.5, 'place' => 'apart', 'distance' => 9, 'opacity' => 0.9]),
                ],
            ]),
            'inners' => self::named([
                'Light edge' => [['reach' => 24, 'shade' => 0.7, 'opacity' => 0.7]],
                'Dark edge' => [['reach' => 18, 'shade' => -0.8, 'opacity' => 0.45]],
                'Gloss' => [
                    ['reach' => 16, 'shade' => -0.7, 'opacity' => 0.5, 'y' => -6],
                    ['reach' => 9, 'shade' => 1, 'opacity' => 0.7, 'y' => 5],
                ],
                'Sunk' => [['reach' => 18, 'shade' => -0.85, 'opacity' => 0.6, 'y' => 8]],
                'Lit' => [
                    ['reach' => 34, 'shade' => 0.75, 'opacity' => 0.62, 'blend' => 'screen'],
                    ['reach' => 10, 'shade' => 0.55, 'opacity' => 0.75, 'blend' => 'screen'],
                ],
            ]),
            'textures' => self::kinds(TextureCoat::class, static fn (string $kind): array => match ($kind) {
                'grain' => ['kind' => $kind, 'amount' => 0.3],
                'paper' => ['kind' => $kind, 'amount' => 0.55],
                'felt' => ['kind' => $kind, 'amount' => 0.6, 'lie' => 'along', 'degrees' => 8, 'blend' => 'overlay'],
                'linen', 'slate' => ['kind' => $kind, 'amount' => 0.6],
                'brushed' => ['kind' => $kind, 'amount' => 0.6, 'lie' => 'along'],
                default => ['kind' => $kind, 'amount' => 1],
            }),
            'patterns' => self::kinds(PatternCoat::class, static fn (string $kind): array => match ($kind) {
                'halftone' => ['kind' => $kind, 'size' => 13, 'degrees' => 180, 'opacity' => 0.8],
                'hand' => ['kind' => $kind, 'size' => 17, 'degrees' => 25, 'opacity' => 0.5],
                'rings', 'crosses', 'bricks' => ['kind' => $kind, 'size' => 34, 'degrees' => 0, 'opacity' => 0.25],
                default => ['kind' => $kind, 'size' => 26, 'degrees' => 30, 'opacity' => 0.2],
            }),
            'fills' => self::named([
                'Flat' => [['kind' => 'flat']],
                'Shaded' => [['kind' => 'shaded']],
                'Upward' => [['kind' => 'linear', 'degrees' => 0, 'stops' => self::ramp()]],
                'Slanted' => [['kind' => 'linear', 'degrees' => 45, 'stops' => self::ramp()]],
                'Along' => [['kind' => 'along', 'stops' => [
                    ['at' => 0, 'shade' => -0.4], ['at' => 0.6], ['at' => 1, 'shade' => 0.55],
                ]]],
                'Ball' => [[
                    'kind' => 'radial', 'x' => 0.35, 'y' => 0.3, 'size' => 1,
                    'stops' => [['at' => 0, 'shade' => 0.4], ['at' => 0.5], ['at' => 1, 'shade' => -0.2]],
                ]],
                'Highlight' => [['kind' => 'flat'], [
                    'kind' => 'radial', 'across' => 'chart', 'x' => 0.25, 'y' => 0.15, 'size' => 0.9,
                    'blend' => 'soft-light',
                    'stops' => [
                        ['at' => 0, 'colour' => '#ffffff', 'opacity' => 0.7],
                        ['at' => 1, 'colour' => '#ffffff', 'opacity' => 0],
                    ],
                ]],
                'Misprint' => [['kind' => 'flat'], [
                    'kind' => 'flat', 'colour' => '#3aa0c9', 'opacity' => 0.7, 'blend' => 'multiply', 'shiftX' => -5,
                    'shiftY' => 4,
                ]],
                'Glass' => [[
                    'kind' => 'linear', 'degrees' => 0, 'opacity' => 1,
                    'stops' => [['at' => 0, 'opacity' => 0.25], ['at' => 1, 'opacity' => 0.7]],
                ]],
            ]),
            'glows' => self::named([
                'Soft' => [['reach' => 26, 'opacity' => 0.6]],
                'Tight' => [['reach' => 10, 'opacity' => 0.8, 'shade' => 0.3, 'tight' => 0]],
                'Wide' => [['reach' => 90, 'opacity' => 0.45, 'tight' => 0]],
                'Lamp' => [
                    ['reach' => 92, 'opacity' => 0.4, 'tight' => 0],
                    ['reach' => 28, 'opacity' => 0.4, 'shade' => 0.25, 'tight' => 0],
                ],
                'Pulsing' => [['reach' => 34, 'opacity' => 0.6, 'breath' => 0.6]],
            ]),
            'shadows' => self::named([
                'Soft' => [['reach' => 24, 'opacity' => 0.35]],
                'Drop' => [['reach' => 20, 'opacity' => 0.45, 'x' => 5, 'y' => 10]],
                'Lifted' => [['reach' => 50, 'opacity' => 0.4, 'y' => 26]],
                'Hard' => [['reach' => 0, 'opacity' => 0.35, 'x' => 10, 'y' => 10]],
                'Long' => [['reach' => 6, 'opacity' => 0.28, 'x' => 130, 'y' => 76, 'long' => true]],
            ]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function ramp(): array
    {
        return [['at' => 0, 'shade' => -0.16], ['at' => 0.5], ['at' => 1, 'shade' => 0.2]];
    }

    /**
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    private static function line(array $said): array
    {
        return ['colour' => '#ffffff', ...$said];
    }

    /**
     * @param array<string, list<array<string, mixed>>> $samples
     *
     * @return list<array{name: string, coats: list<array<string, mixed>>}>
     */
    private static function named(array $samples): array
    {
        return array_map(
            static fn (string $name, array $coats): array => ['name' => $name, 'coats' => $coats],
            array_keys($samples),
            array_values($samples),
        );
    }

    /**
     * A sample of each kind that a coat can be.
     *
     * @param class-string $class of the coat
     * @param \Closure(string): array<string, mixed> $sample
     *
     * @return list<array{name: string, coats: list<array<string, mixed>>}>
     */
    private static function kinds(string $class, \Closure $sample): array
    {
        $kind = Group::of($class)->named('kind')->setting;
        \assert($kind instanceof Choice);
        // A drawing of one’s own is brought, and not chosen.
        $choices = array_diff_key($kind->choices, ['own' => '']);

        return self::named(array_combine(
            array_values($choices),
            array_map(static fn (string $one): array => [$sample($one)], array_keys($choices)),
        ));
    }
}
