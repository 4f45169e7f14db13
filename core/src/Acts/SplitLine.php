<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Script\Beats;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A line becomes two; the second begins with a word of it, when that is said. */
#[Described('Splits a line of the script.')]
final readonly class SplitLine implements Act
{
    public function __construct(
        #[Id]
        private string $line,
        #[Whole('', Unit::Count, 1, 400)]
        #[Detail('the word that the second begins with, counted from 0')]
        private int $word,
    ) {
    }

    public function change(Edited $edited): array
    {
        return [self::split($edited, $this->line, $this->word)];
    }

    /**
     * @param int|null $frame on which the second begins; null: when its first word is said
     *
     * @return string the id of the second
     */
    public static function split(Edited $edited, string $id, int $word, ?int $frame = null): string
    {
        $first = $edited->line($id);
        $before = $edited->piece->narration->line($id);
        $spoken = $before === null ? [] : (new Beats($edited->piece))->words($before);
        if (!isset($spoken[$word])) {
            throw new BadPiece(
                sprintf('The line has %d words; it cannot be split before word %d.', count($spoken), $word + 1),
                'with.word',
            );
        }
        $texts = Beats::split(Json::text($first, 'text'));
        $second = clone $first;
        $second->id = Edited::newId('line', $edited->lines());
        $second->text = implode(' ', array_slice($texts, $word));
        $first->text = implode(' ', array_slice($texts, 0, $word));
        [$begin, $end] = [Json::whole($first, 'begin'), Json::whole($first, 'end')];
        $first->end = $second->begin = max($begin + 1, min($end - 1, $frame ?? $spoken[$word]->frame));
        $second->end = max($end, $second->begin + 1);
        $script = (new Rescript($edited))->stay();
        foreach (array_keys(array_slice($texts, $word)) as $index) {
            $script->move($id, $word + $index, $second->id, $index);
        }
        $lines = [];
        foreach ($edited->lines() as $line) {
            array_push($lines, ...$line === $first ? [$first, $second] : [$line]);
        }
        $script->take($lines);

        return $second->id;
    }
}
