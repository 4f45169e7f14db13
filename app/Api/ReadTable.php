<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;
use Lupine\Core\Contract\TypedAs;

/** A pasted table, understood, before anything is made of it. */
readonly class ReadTable extends Answer
{
    public function __construct(
        /** @var array<string, mixed> */
        #[TypedAs('Table')]
        public array $table,
        /** numbers alone have none */
        public bool $hasLabels,
        /** @var list<ReadFigure> */
        public array $figures,
        public ?string $whole,
        /** @var list<Problem> */
        public array $problems,
        /** @var list<FormChoice> */
        public array $forms,
        /** the sign that was read as the one before decimals */
        #[OneOf('.', ',')]
        public string $numbers,
        /** a number that can be read either way, where nothing in the table settles it */
        public ?string $openNumber,
        /** the form that suits it to begin with */
        public string $form,
        /** how many moments its columns are, to be run through; null: they are none */
        public ?int $moments,
        /** whether rows or columns that add up others were left out */
        public bool $hasTotals,
    ) {
    }
}
