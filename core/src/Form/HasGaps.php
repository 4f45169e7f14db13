<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Presence;

/** A layout whose parts stand side by side with gaps between them, which light around a part leaves dark. */
interface HasGaps
{
    /**
     * @param array<string, Presence> $there by figure id; those that have left their place are not among them
     *
     * @return string path data of all gaps between two of them, counterclockwise; empty where there are none
     */
    public function gaps(array $there): string;
}
