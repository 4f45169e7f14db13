<?php

declare(strict_types=1);

namespace App\Fonts;

/** Where it stands which face an id is. */
interface Faces
{
    public function find(string $id): ?Face;
}
