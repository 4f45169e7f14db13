<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** The id of something in the document, or by which it is known there. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Id extends Setting
{
    public function __construct(
        string $label = '',
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'id';
    }

    public function read(Field $field): string
    {
        return $field->id();
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => Field::ID, 'maxLength' => Field::LONGEST_ID];
    }

    public function default(): mixed
    {
        return null;
    }
}
