<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/**
 * A paint that is more than one colour. A new one is a class that says its fields and what it is as SVG, named in
 * `Reel`, and a rule of the painter (`painter/src/paints.ts`).
 */
interface WovenPaint extends Paint, Defined
{
}
