<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;

/** A font of one's own, and what its file says of itself. */
final readonly class FontEntry extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
        public string $family,
        public string $style,
        /** @var list<FontAxis> of a variable font */
        public array $axes,
        /** @var list<FontCut> the styles that a variable font names */
        public array $named,
        /** @var Map<float> values of its axes, by tag */
        public Map $values,
        /** what its maker allows of embedding: installable, editable, print or restricted */
        public string $embedding,
        /** whether its maker allows pictures of its letters alone to be embedded, and no outlines */
        public bool $isOnlyPictures,
        /** the words of its licence; empty where the file has none */
        public string $licence,
        public string $address,
        public string $copyright,
        /** how many signs it has, and how many of those can be used */
        public int $signs,
        public int $packed,
        /** @var list<string> */
        public array $scripts,
        /** whether its figures can stand evenly by themselves */
        public bool $hasTabular,
        public bool $hasOldFigures,
    ) {
    }
}
