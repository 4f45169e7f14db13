<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Form;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\Table;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Laid;
use Lupine\Core\Script\WrittenLine;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;

/** A piece made from a text: the table that it tells, its lines, and each figure on the words that say it. */
final readonly class ToldPiece
{
    /** frames of an entrance */
    private const ENTRANCE = 24;

    /** seconds that the picture stays after the last line */
    private const STAYS = 1.5;

    /**
     * @param list<array{int, int}> $words of each row of the table, the line and the word that say it
     *
     * @return array<string, mixed> in the form of docs/piece.schema.json
     */
    public static function document(
        WrittenScript $script,
        Table $table,
        Form $form,
        string $title,
        array $words,
    ): array {
        $document = NewPiece::document($table, $form, $title, headline: $title);
        $stage = Group::of(Stage::class)->read(Field::root($document['stage']));
        $texts = array_map(static fn (WrittenLine $line): string => $line->text, $script->lines);
        $laid = $script->kind === 'text'
            ? Laid::byPace($texts, Laid::USUAL_PACE, $stage, self::frames(0.4, $stage))
            : Laid::byTimes($script->lines, $stage);
        $lines = [];
        foreach ($texts as $index => $text) {
            $lines[] = ['id' => 'line'.($index + 1), 'text' => $text, ...$laid[$index]];
        }
        $moves = [];
        foreach ($table->rows as $index => $row) {
            [$line, $word] = $words[$index] ?? [0, 0];
            if (isset($lines[$line]) && $word < count(Beats::split($lines[$line]['text']))) {
                $moves[] = [
                    'id' => 'm'.($index + 1),
                    'kind' => 'entrance',
                    'target' => ['chart' => 'chart1', 'figure' => $row->id],
                    'begin' => 0,
                    'pin' => ['line' => $lines[$line]['id'], 'word' => $word, 'offset' => 0],
                    'frames' => self::ENTRANCE,
                    'curve' => 'ease-out',
                    'opens' => 'forward',
                ];
            }
        }
        $last = max([0, ...array_column($laid, 'end')]);
        $frames = min(Stage::MAX_FRAMES, max($stage->frames, $last + self::frames(self::STAYS, $stage)));

        return [
            ...$document,
            'stage' => [...$document['stage'], 'frames' => $frames],
            'script' => ['lines' => $lines],
            'moves' => $moves,
        ];
    }

    private static function frames(float $seconds, Stage $stage): int
    {
        return (int) round(($seconds * $stage->rateNumerator) / $stage->rateDenominator);
    }
}
