<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** The layers of a finish. Of several of a kind, each lies on the one before. */
#[Described('The coats of a finish; of several of a kind, each lies on the one before.')]
final readonly class Coats
{
    /** of one kind */
    public const MOST = 5;

    /** from the ground to the eye: the list of each kind, and what stands in it */
    public const KINDS = [
        'shadows' => ShadowCoat::class,
        'glows' => GlowCoat::class,
        'fills' => FillCoat::class,
        'patterns' => PatternCoat::class,
        'textures' => TextureCoat::class,
        'inners' => InnerCoat::class,
        'lines' => LineCoat::class,
        'edges' => EdgeCoat::class,
    ];

    public function __construct(
        /** @var list<FillCoat> */
        #[Several(new Part(FillCoat::class), max: self::MOST, label: 'Fill')]
        #[Detail('empty: flat, in the colour of the part', isOptional: true)]
        public array $fills = [],
        /** @var list<PatternCoat> */
        #[Several(new Part(PatternCoat::class), max: self::MOST, label: 'Pattern')]
        #[Detail(isOptional: true)]
        public array $patterns = [],
        /** @var list<TextureCoat> */
        #[Several(new Part(TextureCoat::class), max: self::MOST, label: 'Texture')]
        #[Detail(isOptional: true)]
        public array $textures = [],
        /** @var list<InnerCoat> */
        #[Several(new Part(InnerCoat::class), max: self::MOST, label: 'Inner glow')]
        #[Detail(isOptional: true)]
        public array $inners = [],
        /** @var list<LineCoat> */
        #[Several(new Part(LineCoat::class), max: self::MOST, label: 'Line')]
        #[Detail(isOptional: true)]
        public array $lines = [],
        /** @var list<EdgeCoat> */
        #[Several(new Part(EdgeCoat::class), max: self::MOST, label: 'Edge light')]
        #[Detail(isOptional: true)]
        public array $edges = [],
        /** @var list<GlowCoat> */
        #[Several(new Part(GlowCoat::class), max: self::MOST, label: 'Glow')]
        #[Detail(isOptional: true)]
        public array $glows = [],
        /** @var list<ShadowCoat> */
        #[Several(new Part(ShadowCoat::class), max: self::MOST, label: 'Shadow')]
        #[Detail(isOptional: true)]
        public array $shadows = [],
    ) {
    }

    /** @return list<Coat> those of one kind, a key of KINDS */
    public function of(string $kind): array
    {
        return match ($kind) {
            'shadows' => $this->shadows,
            'glows' => $this->glows,
            'fills' => $this->fills,
            'patterns' => $this->patterns,
            'textures' => $this->textures,
            'inners' => $this->inners,
            'lines' => $this->lines,
            'edges' => $this->edges,
            default => [],
        };
    }

    /** Those of a part that has some of its own. */
    public function with(OwnCoats $own): self
    {
        return $own->areNone() ? $this : new self(
            $own->fills ?? $this->fills,
            $own->patterns ?? $this->patterns,
            $own->textures ?? $this->textures,
            $own->inners ?? $this->inners,
            $own->lines ?? $this->lines,
            $own->edges ?? $this->edges,
            $own->glows ?? $this->glows,
            $own->shadows ?? $this->shadows,
        );
    }

    /** What fills the part itself: the first fill that is seen, or a flat one. */
    public function ground(): FillCoat
    {
        return $this->seen($this->fills)[0] ?? new FillCoat();
    }

    /** @return list<FillCoat> what lies on the ground */
    public function fillsAbove(): array
    {
        return array_slice($this->seen($this->fills), 1);
    }

    /** @return list<TextureCoat> those that leave holes */
    public function holes(): array
    {
        return array_values(array_filter(
            $this->seen($this->textures),
            static fn (TextureCoat $one): bool => $one->leavesHoles(),
        ));
    }

    /**
     * @template C of Coat
     *
     * @param list<C> $coats
     *
     * @return list<C>
     */
    public function seen(array $coats): array
    {
        return array_values(array_filter($coats, static fn (Coat $one): bool => $one->isSeen()));
    }

    /** Whether anything of them moves by itself. */
    public function isLooping(): bool
    {
        foreach (array_keys(self::KINDS) as $kind) {
            foreach ($this->of($kind) as $coat) {
                if ($coat->isLooping()) {
                    return true;
                }
            }
        }

        return false;
    }
}
