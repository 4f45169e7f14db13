<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** The fonts that texts can be set in, each read when it is first used. */
final class FontBook
{
    /** @var array<string, FontPack> */
    private array $packs = [];

    /** @param \Closure(string): array<string, mixed> $read gives the pack of a font id, decoded */
    public function __construct(private readonly \Closure $read)
    {
    }

    public function pack(string $id): FontPack
    {
        return $this->packs[$id] ??= FontPack::fromArray(($this->read)($id));
    }
}
