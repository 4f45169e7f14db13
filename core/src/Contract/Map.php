<?php

declare(strict_types=1);

namespace Lupine\Core\Contract;

/**
 * Things by their names: an object in JSON, with nothing in it too.
 *
 * @template T
 */
final readonly class Map implements \JsonSerializable
{
    /** @param array<string, T> $things */
    public function __construct(public array $things)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) $this->things;
    }
}
