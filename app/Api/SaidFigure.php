<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\OneOf;

/** Words of the script that mean a figure: with its number, or by its name alone. */
final readonly class SaidFigure extends Answer
{
    public function __construct(
        public string $line,
        /** the first of its words */
        public int $from,
        /** the one after its last */
        public int $to,
        public string $chart,
        /** null: the whole of the chart */
        public ?string $figure,
        public string $label,
        #[OneOf('exact', 'near', 'differs', 'named')]
        public string $state,
        public string $said,
        public string $is,
        /** the figure comes in on these words */
        public bool $tied,
    ) {
    }
}
