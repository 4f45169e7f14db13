<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\Piece\Fonts;

/** The fonts that texts can be set in, each read when it is first used. */
final class FontBook
{
    /** @var array<string, FontPack> */
    private array $packs = [];

    /** @var array<string, bool> */
    private array $here = [];

    /**
     * @param \Closure(string): (array<string, mixed>|null) $read gives the pack of a font id, decoded; null where a
     *                                                            font of one's own is not on this machine
     * @param Shaper|null $shaper sets texts whose signs join or run from right to left; without one, sign by sign
     */
    public function __construct(private readonly \Closure $read, private readonly ?Shaper $shaper = null)
    {
    }

    /** The pack of a font; of the usual font where it is not here. */
    public function pack(string $id): FontPack
    {
        return $this->packs[$id] ??= $this->read($id);
    }

    /** Whether a font of that id is on this machine. */
    public function isHere(string $id): bool
    {
        $this->pack($id);

        return $this->here[$id];
    }

    /**
     * @param array<string, bool> $features OpenType features by tag
     * @param float $spacing more between letters that do not join, in font units
     */
    public function shaped(string $id, string $text, array $features, float $spacing): ?ShapedText
    {
        $first = $this->isHere($id) ? $id : Fonts::USUAL;

        return $this->shaper?->shape([$first, ...Fonts::LENDERS], $text, $features, $spacing);
    }

    private function read(string $id): FontPack
    {
        $pack = ($this->read)($id);
        $this->here[$id] = $pack !== null;
        $place = array_search($id, Fonts::LENDERS, true);
        $lender = Fonts::LENDERS[$place === false ? 0 : $place + 1] ?? null;

        return $pack === null
            ? $this->pack(Fonts::USUAL)
            : FontPack::fromArray($pack, $lender === null ? null : $this->pack($lender));
    }
}
