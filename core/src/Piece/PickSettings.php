<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Which rows of a long table a chart shows, and that the others are put together as one. */
#[Described('Which rows of a long table a chart shows; the others are put together as one.')]
final readonly class PickSettings
{
    public function __construct(
        #[Choice('By', ['largest' => 'Largest', 'label' => 'Label', 'group' => 'Group'])]
        #[Detail('the largest, the first of the alphabet, or the largest groups, each as one figure')]
        public string $by,
        #[Whole('Rows', Unit::Count, 1, 200, 10)]
        #[Detail('so many beside the others')]
        public int $count,
        #[Toggle('Others', true)]
        #[Detail(
            'whether what is left is a figure of its own; of parts of a whole it always is',
            isOptional: true,
            name: 'others',
        )]
        public bool $hasOthers,
        #[Text('Name', 200, 'Others')]
        #[Detail('what that one is called', isOptional: true, when: ['others' => true])]
        public string $label,
    ) {
    }
}
