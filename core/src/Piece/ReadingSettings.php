<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How a reading is written. */
final readonly class ReadingSettings
{
    private function __construct(
        /** share (percent of the whole) or value */
        public string $of,
        /** digits after the point; null: those of its figure, or of a share as few as tell shares apart, 0 or 1 */
        public ?int $decimals,
        public string $prefix,
        public string $suffix,
        /** what groups thousands: a comma, a point, a thin space, an apostrophe or nothing */
        public string $group,
        /** the decimal sign */
        public string $point,
    ) {
    }

    /** The same for values: what is written around a share is left out where it tells of shares. */
    public function ofValue(): self
    {
        return $this->of === 'value' ? $this : new self('value', null, '', '', $this->group, $this->point);
    }

    public static function read(Field $field): self
    {
        $of = $field->get('of')->oneOf(['share', 'value'], 'share');

        return new self(
            $of,
            $field->get('decimals')->isNull() ? null : $field->get('decimals')->whole(0, 4),
            $field->get('prefix')->text(20, ''),
            $field->get('suffix')->text(20, $of === 'share' ? '%' : ''),
            $field->get('group')->oneOf([',', '.', ' ', '’', ''], ','),
            $field->get('point')->oneOf(['.', ','], '.'),
        );
    }
}
