<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The forms that a chart can have. */
final readonly class FormChoices extends Answer
{
    public function __construct(
        /** @var list<FormChoice> */
        public array $forms,
    ) {
    }
}
