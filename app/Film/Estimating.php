<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use Lupine\Core\LupineException;

/** A maker that knows how to tell beforehand what its files will be. */
interface Estimating
{
    /**
     * @return array{bytes: int, seconds: float}
     *
     * @throws LupineException where it cannot be made
     * @throws RendererLost
     * @throws FullDisk
     */
    public function estimate(PlacedPiece $placed, FileOrder $order): array;
}
