<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A group whose settings stand among those of the group around it, such as the font, size and colour of labels. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Among extends Setting
{
    /**
     * @param class-string $class
     * @param array<string, mixed> $defaults of settings that have others here
     */
    public function __construct(public string $class, public array $defaults = [])
    {
        parent::__construct('');
    }

    public function kind(): string
    {
        return 'among';
    }

    public function read(Field $field): object
    {
        return Group::of($this->class)->read($field, $this->defaults);
    }

    public function schema(): array
    {
        return [];
    }

    public function default(): mixed
    {
        return null;
    }
}
