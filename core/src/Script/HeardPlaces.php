<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Piece\Piece;

/** Which of the words that recordings know are which words of the script now. */
final readonly class HeardPlaces
{
    /** @return array<string, array<string, list<int|null>>> by recording and line, the heard word of each word */
    public static function of(Piece $piece): array
    {
        $heard = [];
        foreach ($piece->narration->recordings as $recording) {
            $places = [];
            foreach ($piece->narration->lines as $line) {
                $texts = Beats::split($line->text);
                $pairs = Kin::pairs($texts, array_column($recording->heard[$line->id] ?? [], 'text'));
                $places[$line->id] = array_map(
                    static fn (int $index): ?int => $pairs[$index] ?? null,
                    array_keys($texts),
                );
            }
            $heard[$recording->id] = $places;
        }

        return $heard;
    }
}
