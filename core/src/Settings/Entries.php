<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Things of one kind by their ids, or other names. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Entries extends Setting
{
    public function __construct(public Setting $each)
    {
        parent::__construct('');
    }

    public function kind(): string
    {
        return 'entries';
    }

    /** @return array<string, mixed> */
    public function read(Field $field): array
    {
        return array_map($this->each->read(...), $field->entries());
    }

    public function mapped(mixed $value, \Closure $work): mixed
    {
        if ($value instanceof \stdClass) {
            foreach (get_object_vars($value) as $name => $one) {
                $value->{$name} = $this->each->mapped($one, $work);
            }
        }

        return $value;
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => $this->each->schema()];
    }

    /** @return \stdClass none */
    public function default(): \stdClass
    {
        return new \stdClass();
    }

    public function definitions(): array
    {
        return $this->each->definitions();
    }

    public function groups(): array
    {
        return $this->each->groups();
    }
}
