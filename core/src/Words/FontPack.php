<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One font, turned into data: outlines, widths, kerning and tabular figures, in font units with y pointing down. */
final readonly class FontPack
{
    /** font units in the size, the same in all packs, so that signs can be lent */
    public const UNITS_PER_EM = 1000.0;

    /** where packs keep old-style figures: in the private use area, in which no font has signs of its own */
    private const OLD = 0xE000;

    /**
     * @param array<array-key, array{float, string}> $glyphs by character: width and outline
     * @param array<array-key, array{float, string}> $tabular by digit
     * @param array<array-key, float> $shifts how far a widened digit stands from its left edge
     * @param array<array-key, float> $kern by pair of characters
     * @param array{float, string} $missing
     */
    private function __construct(
        public string $id,
        public float $ascent,
        public float $descent,
        public float $capHeight,
        private array $glyphs,
        private array $tabular,
        private array $shifts,
        private array $kern,
        private array $missing,
        private ?self $fallback,
    ) {
    }

    /**
     * @param array<string, mixed> $pack as fonts/shipped.mjs writes it
     * @param self|null $fallback lends the signs that it has not
     *
     * @throws BadFont
     */
    public static function fromArray(array $pack, ?self $fallback = null): self
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
            $number('ascent'),
            $number('descent'),
            $number('capHeight'),
            $glyphs,
            $tabular,
            $shifts,
            $kern,
            $missing,
            $fallback,
        );
    }

    /** Whether it has the sign, or is lent it. */
    public function has(string $character): bool
    {
        return isset($this->glyphs[$character]) || $this->fallback?->has($character) === true;
    }

    /** An old-style figure in place of a digit, where the font has them. */
    public function oldFigure(string $character): string
    {
        $old = preg_match('/^\d$/D', $character) === 1 ? mb_chr(self::OLD + (int) $character) : '';

        return isset($this->glyphs[$old]) ? $old : $character;
    }

    public function width(string $character, bool $tabular): float
    {
        return $this->entry($character, $tabular)[0];
    }

    /** A sign that stands so far from the beginning of its text. */
    public function glyph(string $character, bool $tabular, float $x): Glyph
    {
        [$width, $outline] = $this->entry($character, $tabular);
        $name = $this->id.($tabular ? '#' : ' ').$character;

        return new Glyph($name, $outline, $width, $x + ($tabular ? $this->shifts[$character] ?? 0.0 : 0.0));
    }

    /** How much further two signs stand from each other; those that are lent, as who lends them has it. */
    public function kerning(string $left, string $right): float
    {
        $isLent = !isset($this->glyphs[$left]) && !isset($this->glyphs[$right]);

        return $this->kern[$left.$right] ?? ($isLent ? $this->fallback?->kerning($left, $right) ?? 0.0 : 0.0);
    }

    /** @return array{float, string} */
    private function entry(string $character, bool $tabular): array
    {
        $own = ($tabular ? $this->tabular[$character] ?? null : null) ?? $this->glyphs[$character] ?? null;
        if ($own !== null) {
            return $own;
        }

        return $this->fallback?->has($character) === true
            ? $this->fallback->entry($character, $tabular)
            : $this->missing;
    }
}
