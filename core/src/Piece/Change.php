<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Text;

/** What a move of the kind `change` does: one property, from what it is to another value. */
#[Described('One property that changes.')]
final readonly class Change
{
    /** null: from what the property is when the move begins */
    public ?float $from;
    public float|string $to;

    public function __construct(
        #[Text('', 60, '')]
        #[Detail('what a change changes, such as value, out, column or form.hole', isOptional: true)]
        public string $property,
        #[Unbound(isNumber: true)]
        #[Detail(
            'what a change of a number begins from; null or absent: from what the property is then',
            isOptional: true,
        )]
        float|string|null $from,
        #[Unbound]
        #[Detail(
            'what a change leads to: a number, what a cell of the sheet takes, a column or an order',
            isOptional: true,
            isNeverNull: true,
        )]
        float|string|null $to,
    ) {
        $this->from = is_float($from) ? $from : null;
        $this->to = $to ?? '';
    }

    /** Of the column that a chart shows. */
    public static function toColumn(string $columnId): self
    {
        return new self('column', null, $columnId);
    }

    /**
     * @param Field $move in which it stands
     * @param list<Property> $properties that its target has
     * @param (\Closure(string): (Property|null))|null $inside those of its coats and its words, by name
     */
    public function check(Field $move, array $properties, ?\Closure $inside): void
    {
        $property = Properties::named($properties, $this->property);
        $property ??= $inside === null ? null : $inside($this->property);
        if ($property === null) {
            $names = array_map(static fn (Property $one): string => $one->name, $properties);
            foreach (['glows.0.opacity', Properties::OF_COATS.'glows.0.opacity'] as $example) {
                if ($inside !== null && $inside($example) !== null) {
                    $names[] = "or of a coat, such as $example";
                }
            }
            throw $move->get('property')->wrong('must be one of '.implode(', ', $names));
        }
        $from = $move->get('from');
        if (!$from->isNull() && $property->kind !== 'number') {
            throw $from->wrong('is for numbers alone; leave it out, and the change begins from what is there');
        }
        if (!$from->isNull()) {
            $property->read($from);
        }
        $property->read($move->get('to'));
    }
}
