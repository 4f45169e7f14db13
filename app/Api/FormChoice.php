<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A form with a small picture of the figures at hand, and the settings that it would begin with. */
final readonly class FormChoice extends Answer
{
    public function __construct(
        public string $name,
        public bool $fits,
        /** why it does not fit */
        public ?string $reason,
        public string $promise,
        /** whether the marks of a series are drawn as one */
        public bool $isJoined,
        /** whether several columns can stand in it */
        public bool $takesSeries,
        /** @var array<string, mixed> */
        #[TypedAs('Form')]
        public array $settings,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Setting')]
        public array $fields,
        /** @var list<array{string,string,float}> paths with their colours and opacities */
        public array $picture,
    ) {
    }
}
