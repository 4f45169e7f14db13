<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A whole file in one text, such as a script: its signs are looked at where it is read. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class FileText extends Setting
{
    /** @param int $longest in bytes */
    public function __construct(private int $longest)
    {
        parent::__construct();
    }

    public function kind(): string
    {
        return 'file';
    }

    public function read(Field $field): string
    {
        return $field->long($this->longest);
    }

    public function schema(): array
    {
        return ['type' => 'string'];
    }

    public function default(): mixed
    {
        return null;
    }
}
