<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** What an outline is filled with. */
interface Paint
{
    /** @return string|array<string, mixed> a colour, or a description that the painter knows */
    public function description(): string|array;
}
