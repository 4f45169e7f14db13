<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;

/** A figure of a chart, by their ids. */
#[Described('A figure of a chart.', name: 'FigureTarget')]
final readonly class FigureName
{
    public function __construct(
        #[Id]
        public string $chart,
        #[Id]
        public string $figure,
    ) {
    }
}
