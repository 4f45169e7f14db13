<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/** Backdrops to begin from, as documents have them. Taste. */
final readonly class GroundSamples
{
    /** @return list<array{name: string, backdrop: array<string, mixed>}> */
    public static function all(): array
    {
        $samples = [
            'Plain' => self::of('colour', '#1d3a35'),
            'Dusk' => [...self::of('radial', '#24514a', '#12211f'), 'vignette' => 0.3],
            'Lamp' => [
                ...self::of('radial', '#8c6a45', '#0b0603'),
                'x' => 0.3,
                'y' => 0.22,
                'size' => 1.35,
                'stops' => [
                    ['at' => 0, 'colour' => '#8c6a45'],
                    ['at' => 0.22, 'colour' => '#5b4129'],
                    ['at' => 0.5, 'colour' => '#2a1b10'],
                    ['at' => 1, 'colour' => '#0b0603'],
                ],
                'textures' => [['kind' => 'grain', 'amount' => 0.055, 'blend' => 'relief']],
            ],
            'Paper' => [
                ...self::of('radial', '#f7f0e1', '#e9deca'),
                'textures' => [['kind' => 'paper', 'amount' => 0.5, 'size' => 1.4]],
            ],
            'Linen' => [
                ...self::of('colour', '#d6c3a0'),
                'vignette' => 0.2,
                'textures' => [
                    ['kind' => 'linen', 'amount' => 0.75, 'size' => 1.5],
                    ['kind' => 'slate', 'amount' => 0.5, 'size' => 1.3],
                ],
            ],
            'Slate' => [
                ...self::of('colour', '#2d3d40'),
                'vignette' => 0.45,
                'textures' => [
                    ['kind' => 'slate', 'amount' => 0.5, 'size' => 1.6],
                    ['kind' => 'grain', 'amount' => 0.25],
                ],
            ],
            'Daylight' => [
                ...self::of('radial', '#ffffff', '#d9e2ee'),
                'x' => 0.45,
                'y' => 0.38,
                'textures' => [['kind' => 'grain', 'amount' => 0.015, 'blend' => 'relief']],
            ],
            'Poster' => [
                ...self::of('colour', '#f6c443'),
                'textures' => [['kind' => 'grain', 'amount' => 0.1, 'blend' => 'multiply']],
            ],
            'Lights' => [
                ...self::of('colour', '#070b18'),
                'lights' => [
                    self::light('#4b2fb0', 0.22, 0.85, 0.42, 0.0),
                    self::light('#16a37c', 0.88, 0.2, 0.4, 0.35),
                    self::light('#1d5fd0', 0.55, 1.05, 0.34, 0.7),
                ],
                'textures' => [['kind' => 'grain', 'amount' => 0.03, 'blend' => 'relief']],
            ],
            'Clouds' => [
                ...self::of('linear', '#26476b', '#101c33'),
                'clouds' => [['colour' => '#cfe3ff', 'amount' => 0.45, 'across' => 4, 'every' => 480]],
                'textures' => [['kind' => 'grain', 'amount' => 0.03, 'blend' => 'relief']],
            ],
        ];

        return array_map(
            static fn (string $name, array $backdrop): array => ['name' => $name, 'backdrop' => $backdrop],
            array_keys($samples),
            array_values($samples),
        );
    }

    /** @return array<string, mixed> */
    private static function of(string $kind, string $colour, ?string $edge = null): array
    {
        return ['kind' => $kind, 'colour' => $colour, 'edge' => $edge ?? $colour, 'vignette' => 0];
    }

    /** @return array<string, mixed> */
    private static function light(string $colour, float $x, float $y, float $size, float $from): array
    {
        return ['colour' => $colour, 'x' => $x, 'y' => $y, 'size' => $size, 'opacity' => 0.75, 'wander' => 0.07,
            'every' => 480, 'from' => $from, 'blend' => 'screen'];
    }
}
