<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** What coats a part has of its own: null, those of the chart; an empty list, none. */
#[Described('The coats that a part has of its own: null, those of the chart; an empty list, none.')]
final readonly class OwnCoats
{
    public function __construct(
        /** @var list<FillCoat>|null */
        #[Several(new Part(FillCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $fills = null,
        /** @var list<PatternCoat>|null */
        #[Several(new Part(PatternCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $patterns = null,
        /** @var list<TextureCoat>|null */
        #[Several(new Part(TextureCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $textures = null,
        /** @var list<InnerCoat>|null */
        #[Several(new Part(InnerCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $inners = null,
        /** @var list<LineCoat>|null */
        #[Several(new Part(LineCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $lines = null,
        /** @var list<EdgeCoat>|null */
        #[Several(new Part(EdgeCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $edges = null,
        /** @var list<GlowCoat>|null */
        #[Several(new Part(GlowCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $glows = null,
        /** @var list<ShadowCoat>|null */
        #[Several(new Part(ShadowCoat::class), max: Coats::MOST)]
        #[Detail(isOptional: true)]
        public ?array $shadows = null,
    ) {
    }

    /** What of another is said, and these where it says nothing. */
    public function under(self $own): self
    {
        return new self(
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

    /** Whether those of one kind, a key of Coats::KINDS, are its own. */
    public function has(string $kind): bool
    {
        return isset(get_object_vars($this)[$kind]);
    }

    /** Whether all are those of the chart. */
    public function areNone(): bool
    {
        return array_filter(get_object_vars($this), is_array(...)) === [];
    }
}
