<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** A part of a drawing: a group, an outline or a text. */
interface Node
{
}
