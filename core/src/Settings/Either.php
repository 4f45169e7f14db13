<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** One of two words, of which the second says that something is so. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Either extends Setting
{
    /** @param array<string, string> $words value in the document => word at the desk: it is not so, it is */
    public function __construct(string $label, public array $words)
    {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function read(Field $field): bool
    {
        [$not, $so] = $this->values();

        return $field->oneOf([$not, $so], $not) === $so;
    }

    public function schema(): array
    {
        return ['enum' => $this->values()];
    }

    public function default(): string
    {
        return $this->values()[0];
    }

    public function shown(): array
    {
        return ['choices' => array_map(null, $this->values(), array_values($this->words))];
    }

    /** @return list<string> */
    private function values(): array
    {
        return array_keys($this->words);
    }
}
