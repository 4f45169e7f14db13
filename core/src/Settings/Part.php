<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A group within a group. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Part extends Setting
{
    /** @param class-string $class */
    public function __construct(public string $class)
    {
        parent::__construct('');
    }

    public function kind(): string
    {
        return 'group';
    }

    public function read(Field $field): object
    {
        return Group::of($this->class)->read($field);
    }

    public function mapped(mixed $value, \Closure $work): mixed
    {
        if ($value instanceof \stdClass) {
            Group::of($this->class)->map($value, $work);
        }

        return $value;
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/'.Group::of($this->class)->name];
    }

    public function default(): mixed
    {
        return null;
    }

    public function shown(): array
    {
        return ['group' => Group::of($this->class)->name];
    }

    public function groups(): array
    {
        return [$this->class];
    }
}
