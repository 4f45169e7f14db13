<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How the camera takes the stage. */
final readonly class CameraSettings
{
    private function __construct(
        /** whether the backdrop goes along with what stands before it */
        public bool $takesBackdrop,
    ) {
    }

    public static function read(Field $field): self
    {
        $ways = ['stays', 'goes along'];

        return new self(!$field->isNull() && $field->get('backdrop')->oneOf($ways, 'stays') === 'goes along');
    }
}
