<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Arrangement\Reshape;
use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;

/** A stage of another size, everything in its place there. */
#[Described('Changes the size of the stage; what stands by hand keeps its place in proportion.')]
final readonly class ResizeStage implements Act
{
    public function __construct(
        #[Among(Sides::class)]
        private Sides $sides,
    ) {
    }

    public function change(Edited $edited): array
    {
        Reshape::change($edited->document, $edited->piece->stage, $this->sides);

        return [];
    }
}
