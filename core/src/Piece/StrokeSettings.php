<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A line along the edge of a mark. */
final readonly class StrokeSettings
{
    public const PLACES = ['inside', 'centred'];
    public const CAPS = ['butt', 'round'];

    private function __construct(
        /** as much of it as is seen, in pixels */
        public float $width,
        public string $colour,
        /** 0 to 1 */
        public float $opacity,
        /** inside: within the mark, which keeps its size; centred: half of it stands out */
        public string $place,
        /** length of a dash in pixels; 0 is a line without gaps */
        public float $dash,
        /** length of a gap between two dashes, in pixels */
        public float $gap,
        public string $caps,
        /** how fast dashes march along it, in pixels a second; below 0 the other way, 0 not at all */
        public float $march,
        /** length of a light that travels along it, in pixels; 0 is none */
        public float $light,
        /** seconds of one round of that light; below 0 the other way */
        public float $round,
    ) {
    }

    /** Whether anything of it moves by itself. */
    public function isLooping(): bool
    {
        return $this->isMarching() || $this->isLit();
    }

    public function isLit(): bool
    {
        return $this->light > 0 && $this->round !== 0.0;
    }

    public function isMarching(): bool
    {
        return $this->march !== 0.0 && $this->dash > 0 && $this->gap > 0;
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('width')->number(0.1, 200, 4),
            $field->get('colour')->colour(),
            $field->get('opacity')->number(0, 1, 1),
            $field->get('place')->oneOf(self::PLACES, 'inside'),
            $field->get('dash')->number(0, 2000, 0),
            $field->get('gap')->number(0, 2000, 0),
            $field->get('caps')->oneOf(self::CAPS, 'butt'),
            $field->get('march')->number(-5000, 5000, 0),
            $field->get('light')->number(0, 4000, 0),
            $field->get('round')->number(-300, 300, 4),
        );
    }
}
