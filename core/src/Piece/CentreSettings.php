<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Text;

/** What stands in the middle of a ring: the total so far, or the number of one figure, and a line below it. */
#[Described('The number in the middle of a ring: the total so far, or that of one figure.', label: 'Centre number')]
final readonly class CentreSettings
{
    public function __construct(
        #[Id('Shows')]
        #[Detail('the row whose number it is; null: the total', isOptional: true, name: 'figure', none: 'Total')]
        public ?string $rowId,
        #[Text('Caption', 80, '')]
        public string $caption,
        #[Text('Prefix', 20, '')]
        #[Detail(when: ['figure' => false])]
        public string $prefix,
        #[Text('Suffix', 20, '')]
        #[Detail(when: ['figure' => false])]
        public string $suffix,
        #[Among(TextStyle::class, ['font' => 'bricolage-bold', 'size' => 110])]
        public TextStyle $style,
    ) {
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self($this->rowId, $this->caption, $this->prefix, $this->suffix, $this->style->times($factor));
    }
}
