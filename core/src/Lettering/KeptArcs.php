<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

/** Keeps what was made of the outlines of letters, so that it is made once. */
interface KeptArcs
{
    /**
     * @param string $outline path data in font units
     *
     * @return list<array{string, list<float>}>|null as GlyphArcs made them
     */
    public function find(string $outline): ?array;

    /** @param list<array{string, list<float>}> $commands */
    public function keep(string $outline, array $commands): void;
}
