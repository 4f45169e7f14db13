<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** Which way the scale of a chart runs; its figures stand beside each other on the other one. */
enum Axes
{
    case ScaleAcross;
    case ScaleUpright;
}
