<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One font, turned into data: outlines, widths, kerning and tabular figures, in font units with y pointing down. */
final readonly class FontPack
{
    /**
     * @param array<array-key, array{float, string}> $glyphs by character: width and outline
     * @param array<array-key, array{float, string}> $tabular by digit
     * @param array<array-key, float> $shifts how far a widened digit stands from its left edge
     * @param array<array-key, float> $kern by pair of characters
     * @param array{float, string} $missing
     */
    private function __construct(
        public string $id,
        public float $unitsPerEm,
        public float $ascent,
        public float $descent,
        public float $capHeight,
        private array $glyphs,
        private array $tabular,
        private array $shifts,
        private array $kern,
        private array $missing,
    ) {
    }

    /**
     * @param array<string, mixed> $pack as bin/fontpacks.mjs writes it
     *
     * @throws BadFont
     */
    public static function fromArray(array $pack): self
    {
        $number = static fn (string $name): float => is_numeric($pack[$name] ?? null)
            ? (float) $pack[$name]
            : throw new BadFont(sprintf('The font pack has no “%s”.', $name));
        /** @var array<array-key, array{float, string}> $glyphs */
        $glyphs = $pack['glyphs'] ?? [];
        /** @var array<array-key, array{float, string}> $tabular */
        $tabular = $pack['tabular'] ?? [];
        /** @var array<array-key, float> $shifts */
        $shifts = $pack['tabularShift'] ?? [];
        /** @var array<array-key, float> $kern */
        $kern = $pack['kern'] ?? [];
        /** @var array{float, string} $missing */
        $missing = $pack['missing'] ?? [0.0, ''];

        return new self(
            is_string($pack['id'] ?? null) ? $pack['id'] : '',
            $number('unitsPerEm'),
            $number('ascent'),
            $number('descent'),
            $number('capHeight'),
            $glyphs,
            $tabular,
            $shifts,
            $kern,
            $missing,
        );
    }

    public function has(string $character): bool
    {
        return isset($this->glyphs[$character]);
    }

    public function width(string $character, bool $tabular): float
    {
        return $this->entry($character, $tabular)[0];
    }

    public function outline(string $character, bool $tabular): string
    {
        return $this->entry($character, $tabular)[1];
    }

    public function shift(string $character): float
    {
        return $this->shifts[$character] ?? 0.0;
    }

    public function kerning(string $left, string $right): float
    {
        return $this->kern[$left.$right] ?? 0.0;
    }

    /** @return array{float, string} */
    private function entry(string $character, bool $tabular): array
    {
        return ($tabular ? $this->tabular[$character] ?? null : null) ?? ($this->glyphs[$character] ?? $this->missing);
    }
}
