<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;

/** Another shape that the piece is made in: its size, and what stands elsewhere in it than rule or proportion say. */
#[Described('Another shape that the piece is made in. Everything but places and sizes is shared.')]
final readonly class StageShape
{
    public int $width;
    public int $height;

    public function __construct(
        #[Id]
        public string $id,
        #[Among(Sides::class)]
        Sides $sides,
        /** @var array<string, OwnPlace> */
        #[Entries(new Part(OwnPlace::class))]
        #[Detail('by the id of a chart, a text or a panel, legend- and a chart’s id, or captions')]
        private array $own,
    ) {
        $this->width = $sides->width;
        $this->height = $sides->height;
    }

    public function own(string $target): ?OwnPlace
    {
        return $this->own[$target] ?? null;
    }
}
