<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\Saying;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;

/** Names at the parts or in a legend, values at the marks or on the axis, and not both. */
#[Described('Says names at the parts or in a legend, values at the marks or on the axis, and not in both places.')]
final readonly class SayOnce implements Act
{
    public function __construct(
        #[Id]
        private string $chart,
        #[Choice('Names', Saying::NAMES)]
        #[Detail('null: as they are', isOptional: true)]
        private ?string $names = null,
        #[Choice('Values', Saying::VALUES)]
        #[Detail('null: as they are', isOptional: true)]
        private ?string $values = null,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = $edited->chart($this->chart);
        if ($this->names !== null) {
            Saying::names($chart, $this->names);
        }
        if ($this->values !== null) {
            Saying::values($chart, $this->values);
        }

        return [];
    }
}
