<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Models\Font;

/** The faces of the desk, in its database. */
final readonly class KnownFaces implements Faces
{
    public function find(string $id): ?Face
    {
        $font = Font::query()->find($id);

        return $font === null ? null : new Face($font->source, $font->axes);
    }
}
