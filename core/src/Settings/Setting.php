<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/**
 * How one setting is declared: an attribute of the property that holds it. The reader, the schema, the types, the
 * fields at the desk, what moves can change and `--set` follow from it. What else there is to say of it, Detail says.
 */
abstract readonly class Setting
{
    /** @param string $label at the desk; empty where the desk has no field for it */
    public function __construct(public string $label = '')
    {
    }

    /** how the desk shows it: number, whole, choice, switch, colour or text; others have fields of their own */
    abstract public function kind(): string;

    /** @throws BadPiece */
    abstract public function read(Field $field): mixed;

    /** @return array<string, mixed> as JSON Schema has it, without a description */
    abstract public function schema(): array;

    /** What it is where nothing is said, as the document has it; null where it must be said. */
    abstract public function default(): mixed;

    /** @return array<string, mixed> what the desk needs beside the label to show a field for it */
    public function shown(): array
    {
        return [];
    }

    /** @return array<string, array<string, mixed>> what its schema names and stands by itself, by name */
    public function definitions(): array
    {
        return [];
    }

    /**
     * What stands in a document, with everything in it changed that is no group, list or map.
     *
     * @param mixed $value decoded JSON, objects as \stdClass; they are changed
     * @param \Closure(Setting, mixed): mixed $work of each setting and what stands there what shall stand there
     */
    public function mapped(mixed $value, \Closure $work): mixed
    {
        return $work($this, $value);
    }

    /** @return list<class-string> the groups that stand in it */
    public function groups(): array
    {
        return [];
    }
}
