<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** How a reading is written. */
#[Described('How readings are written.')]
final readonly class ReadingSettings
{
    public string $suffix;

    public function __construct(
        #[Choice('Show', ['share' => 'Shares', 'value' => 'Values'])]
        #[Detail('share: percent of the whole')]
        public string $of,
        #[Whole('Decimals', Unit::Count, 0, 4)]
        #[Detail('null: those of its figure, or of a share as few as tell shares apart, 0 or 1', none: 'Auto')]
        public ?int $decimals,
        #[Text('Prefix', 20, '')]
        public string $prefix,
        #[Text('Suffix', 20)]
        #[Detail('absent: % for shares', isNeverNull: true)]
        ?string $suffix,
        #[Choice('Thousands separator', [',' => '1,234', '.' => '1.234', ' ' => '1 234', '’' => '1’234', '' => '1234'])]
        public string $group,
        #[Choice('Decimal separator', ['.' => '0.5', ',' => '0,5'])]
        public string $point,
    ) {
        $this->suffix = $suffix ?? ($of === 'share' ? '%' : '');
    }

    /** What stands in a cell as it is read at most, for the room that it needs: with its thousands apart. */
    public function widest(string $cell): string
    {
        $settings = $this->ofValue();
        $apart = preg_replace_callback(
            '/(?<![\d.,])\d{4,}/',
            static fn (array $digits): string => (string) preg_replace(
                '/\B(?=(\d{3})+$)/',
                $settings->group,
                $digits[0],
            ),
            $cell,
        );

        return $settings->prefix.$apart.$settings->suffix;
    }

    /** The same for values: what is written around a share is left out where it tells of shares. */
    public function ofValue(): self
    {
        return $this->of === 'value' ? $this : new self('value', null, '', '', $this->group, $this->point);
    }
}
