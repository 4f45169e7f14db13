<?php

declare(strict_types=1);

namespace Lupine\Core\Palette;

/** Colours in an order, under a name. */
final readonly class Palette
{
    public const MOST = 40;
    public const LONGEST_NAME = 60;

    /** @var list<string> such as #2f6b52, each once */
    public array $colours;

    public string $name;

    /** @param list<string> $colours */
    public function __construct(string $name, array $colours)
    {
        $this->name = mb_substr(trim($name), 0, self::LONGEST_NAME);
        $this->colours = array_slice(array_values(array_unique(array_map(strtolower(...), $colours))), 0, self::MOST);
    }
}
