<?php

declare(strict_types=1);

namespace App\Fonts;

/** The faces that came with what a worker was asked to make. */
final class FetchedFaces implements Faces
{
    /** @var array<string, Face> */
    private array $faces = [];

    /** @param array<string, array{source: string, axes: array<string, float>}> $faces by id */
    public function add(array $faces): void
    {
        foreach ($faces as $id => $face) {
            $this->faces[$id] = new Face($face['source'], $face['axes']);
        }
    }

    public function find(string $id): ?Face
    {
        return $this->faces[$id] ?? null;
    }
}
