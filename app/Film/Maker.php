<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use Lupine\Core\LupineException;

/** Makes a file of one kind, or of several that are alike. */
interface Maker
{
    /**
     * @param PlacedPiece $placed the piece in the shape that is ordered
     * @param string $target the file to write
     * @param string $name of the file, for sentences
     * @param \Closure(int|null): bool $progress told the frames done, or null for a sign of life; false stops the work
     *
     * @return bool whether it was finished
     *
     * @throws LupineException where it cannot be made
     * @throws RendererLost where it could not be made this time
     * @throws FullDisk
     */
    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool;
}
