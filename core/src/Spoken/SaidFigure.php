<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

use Lupine\Core\Contract\OneOf;

/** Words of the script that mean a figure: with its number, or by its name alone. */
final readonly class SaidFigure
{
    /** what is said is what the table says */
    public const EXACT = 'exact';

    /** it is what the table says, rounded as people round */
    public const NEAR = 'near';

    /** the words name the figure, and the number is another one */
    public const DIFFERS = 'differs';

    /** its name is said, without a number */
    public const NAMED = 'named';

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
        #[OneOf(self::EXACT, self::NEAR, self::DIFFERS, self::NAMED)]
        public string $state,
        /** the number as it is meant, and as the table has it; empty where none is said */
        public string $said,
        public string $is,
        /** the figure comes in on these words */
        public bool $tied,
    ) {
    }
}
