<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The chart that a text tells by itself; no figures where it tells none. */
final readonly class ToldTable extends Answer
{
    public function __construct(
        /** @var list<ToldFigure> */
        public array $figures,
        public int $lines,
        public string $whole,
        public string $title,
    ) {
    }
}
