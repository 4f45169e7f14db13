<?php

declare(strict_types=1);

namespace App\Fonts;

/** Which file a font of one's own is, and which cut of it. */
final readonly class Face
{
    /** @param array<string, float> $axes values by tag; none where it is not variable */
    public function __construct(public string $source, public array $axes)
    {
    }
}
