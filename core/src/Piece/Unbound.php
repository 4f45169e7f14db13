<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** A value whose kind and range its property says: what a change leads to, and what it begins from. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Unbound extends Setting
{
    private const LONGEST = 200;

    public function __construct(private bool $isNumber = false)
    {
        parent::__construct();
    }

    public function kind(): string
    {
        return 'any';
    }

    public function read(Field $field): float|string
    {
        return $field->isText() ? $field->text(self::LONGEST) : $field->number(-INF, INF);
    }

    public function schema(): array
    {
        $number = ['type' => 'number'];

        return $this->isNumber
            ? $number
            : ['anyOf' => [$number, ['type' => 'string', 'maxLength' => self::LONGEST]]];
    }

    public function default(): mixed
    {
        return null;
    }
}
