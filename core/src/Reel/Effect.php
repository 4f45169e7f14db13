<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/**
 * What is done to an outline after it is filled. A new one is a class that says its fields and what it is as an SVG
 * filter, named in `Reel`, and a rule of the painter (`painter/src/effects.ts`).
 */
interface Effect extends Defined
{
}
