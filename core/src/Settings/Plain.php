<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** An object of a document as it stands there, read only with the document that it comes into. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Plain extends Setting
{
    /** @param class-string $class the group that it is */
    public function __construct(private string $class)
    {
        parent::__construct();
    }

    public function kind(): string
    {
        return 'object';
    }

    /** @return \stdClass a copy */
    public function read(Field $field): \stdClass
    {
        $value = $field->value();

        return $value instanceof \stdClass ? Json::copy($value) : throw $field->wrong('must be an object');
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/'.Group::of($this->class)->name];
    }

    public function default(): mixed
    {
        return null;
    }

    public function groups(): array
    {
        return [$this->class];
    }
}
