<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Presence;

/** A layout whose marks are the tops of solid parts: their sides lie behind all tops. */
interface Solid
{
    /**
     * The sides that are turned towards the viewer, the farthest first.
     *
     * @param array<string, Presence> $there how much of each figure is there, by its id
     * @param array<string, float> $outs how far each is pulled out, in pixels
     *
     * @return list<Face>
     */
    public function faces(array $there, array $outs): array;

    /**
     * Where a figure stands on the ground.
     *
     * @param float $out how far it is pulled out, in pixels
     *
     * @return string path data
     */
    public function foot(string $figureId, Presence $there, float $out): string;

    /**
     * What is seen of each figure, its top and of its sides what nothing stands before.
     *
     * @param array<string, float> $outs how far each is pulled out, in pixels
     *
     * @return array<string, float> square pixels, by figure id
     */
    public function seen(array $outs): array;
}
