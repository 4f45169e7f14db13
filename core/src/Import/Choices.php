<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Settings\Field;

/** What was decided about a table that comes in; what was not decided is guessed. */
final readonly class Choices
{
    /** label of a figure, value, moment, group, colour, or left out */
    public const ROLES = ['label', 'value', 'time', 'group', 'colour', 'none'];

    public function __construct(
        /** index of the row that names the columns; -1: there is none; null: it is found out */
        public ?int $heading = null,
        /** @var array<int, string> roles of columns, by index */
        public array $roles = [],
        /** whether rows and columns that are hidden in the file are taken all the same */
        public bool $withHidden = false,
        /** whether rows at the end that add up those above them are taken as figures */
        public bool $withTotals = false,
        /** how numbers are written; null: it is found out */
        public ?NumberStyle $numbers = null,
    ) {
    }

    /** As it is pasted, nothing is left out: what looks wrong is pointed at in the sheet. */
    public static function ofPaste(?NumberStyle $numbers = null): self
    {
        return new self(null, [], true, true, $numbers);
    }

    /** How numbers are written, as somebody has said it; null: it is found out. */
    public static function numbersOf(Field $field): ?NumberStyle
    {
        return $field->isNull() ? null : NumberStyle::from($field->oneOf(array_column(NumberStyle::cases(), 'value')));
    }

    public static function read(Field $field): self
    {
        $roles = [];
        foreach ($field->get('roles')->isNull() ? [] : $field->get('roles')->items(Taking::MAX_COLUMNS * 2) as $role) {
            $column = (int) $role->get('column')->number(0, 20_000);
            $roles[$column] = $role->get('role')->oneOf(self::ROLES);
        }

        return new self(
            $field->get('heading')->isNull() ? null : (int) $field->get('heading')->number(-1, 100_000),
            $roles,
            $field->get('withHidden')->flag(false),
            $field->get('withTotals')->flag(false),
            self::numbersOf($field->get('numbers')),
        );
    }
}
