<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** Two colours that are hard to tell apart. */
final readonly class AlikePair extends Answer
{
    public function __construct(
        /** their places among the colours */
        public int $one,
        public int $other,
        /** for whom, in a sentence */
        public string $people,
        /** whose eyes those are: a kind of colour vision, or grey */
        #[OneOf('usual', 'protan', 'deutan', 'tritan', 'grey')]
        public string $eyes,
        /** CIEDE2000 between them, as those see them */
        public float $distance,
    ) {
    }
}
