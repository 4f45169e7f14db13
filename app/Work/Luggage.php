<?php

declare(strict_types=1);

namespace App\Work;

/** The files that a document speaks of and cannot be made without. */
final readonly class Luggage
{
    /**
     * @param array<string, string> $files the SHA-256 of each, by its place in the folder of the data
     * @param array<string, array{source: string, axes: array<string, float>}> $faces own fonts, by id
     */
    public function __construct(public array $files = [], public array $faces = [])
    {
    }
}
