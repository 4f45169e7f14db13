<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

/** The words of a name, as they can be met in a sentence: without endings, and without words that say nothing. */
final readonly class NamedWords
{
    /** common practice, no source */
    private const EMPTY = ['and', 'the', 'of', 'for', 'with', 'from', 'other', 'others', 'all', 'per', 'in', 'on', 'a'];

    private const SHORTEST = 3;

    /** @param list<string> $stems */
    private function __construct(public array $stems)
    {
    }

    public static function of(string $name): self
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY);
        $stems = [];
        foreach ($words === false ? [] : $words as $word) {
            if (mb_strlen($word) >= self::SHORTEST && !in_array($word, self::EMPTY, true)) {
                $stems[] = self::stem($word);
            }
        }

        return new self(array_values(array_unique($stems)));
    }

    /**
     * How much of the name is among some words: 1 for all of it, and at least a half for the word it begins with.
     *
     * @param array<string, int> $there words without their endings, as keys
     */
    public function among(array $there): float
    {
        $found = 0;
        foreach ($this->stems as $stem) {
            $found += isset($there[$stem]) ? 1 : 0;
        }
        if ($found === 0) {
            return 0.0;
        }

        return max(isset($there[$this->stems[0]]) ? 0.5 : 0.0, $found / count($this->stems));
    }

    /**
     * @param list<string> $words as written
     *
     * @return array<string, int> the words without their endings, as keys
     */
    public static function stems(array $words): array
    {
        return array_flip(array_map(self::stem(...), $words));
    }

    /** A word without its case, what stands about it, and the ending of the plural. */
    public static function stem(string $word): string
    {
        $bare = preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', mb_strtolower($word)) ?? $word;

        return match (true) {
            mb_strlen($bare) > 4 && str_ends_with($bare, 'ies') => mb_substr($bare, 0, -3).'y',
            mb_strlen($bare) > 4 && preg_match('/(s|x|z|ch|sh)es$/', $bare) === 1 => mb_substr($bare, 0, -2),
            mb_strlen($bare) > 3 && str_ends_with($bare, 's') && !str_ends_with($bare, 'ss') => mb_substr($bare, 0, -1),
            default => $bare,
        };
    }
}
