<?php

declare(strict_types=1);

namespace Lupine\Core\Versions;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** One thing that is not the same in two versions of a piece. */
final readonly class Difference extends Answer
{
    public const ABOUT = ['figures', 'words', 'timing', 'looks', 'stage'];

    public function __construct(
        #[OneOf('figures', 'words', 'timing', 'looks', 'stage')]
        public string $about,
        /** such as “Lamps & lights 302 → 389” */
        public string $text,
        /** the chart that it belongs to */
        public ?string $chart = null,
    ) {
    }
}
