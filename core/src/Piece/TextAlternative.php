<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Text;

/** What is said to those who do not see the picture, where somebody has written it. */
#[Described(
    'What is said to those who do not see the picture: the words of one’s own.',
    label: 'Text alternative',
    hint: 'Empty: made from figures and script.',
)]
final readonly class TextAlternative
{
    public function __construct(
        #[Text('In short', 500, '')]
        public string $short = '',
        #[Text('At length', 8000, '')]
        public string $long = '',
    ) {
    }
}
