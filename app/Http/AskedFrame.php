<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;

/** A frame that is asked for in the address. */
final class AskedFrame
{
    /** @throws BadPiece where it is there and not a whole number that a piece can have */
    public static function of(Request $request, string $name): ?int
    {
        $given = $request->query($name);
        if ($given === null || $given === '') {
            return null;
        }
        if (!is_string($given) || preg_match('/^\d{1,5}$/D', $given) !== 1 || (int) $given > Stage::MAX_FRAMES) {
            throw new BadPiece(
                sprintf('“%s” must be a frame, a whole number from 0 to %d.', $name, Stage::MAX_FRAMES),
                $name,
            );
        }

        return (int) $given;
    }
}
