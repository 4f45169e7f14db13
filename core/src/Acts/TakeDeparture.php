<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Departure;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Json;

/** The script becomes as the recording has it at one place: words go out, or a line comes in. */
#[Described('Takes what the recording says into the script.')]
final readonly class TakeDeparture implements Act
{
    public function __construct(
        #[Among(Depart::class)]
        private Depart $at,
    ) {
    }

    public function change(Edited $edited): array
    {
        $departure = $this->at->in($edited->piece);
        if ($departure->kind === Departure::UNSAID) {
            self::removeWords($edited, $departure);

            return [];
        }
        $line = $departure->line === null ? null : $edited->line($departure->line);
        $words = count(Beats::split(Json::text($line, 'text')));
        if ($line !== null && $departure->from > 0 && $departure->from < $words) {
            // A line in the middle of which it is said becomes two.
            SplitLine::split($edited, Json::text($line, 'id'), $departure->from, $departure->end);
        }
        $added = (object) [
            'id' => Edited::newId('line', $edited->lines()),
            'text' => $departure->kind === Departure::AGAIN ? $departure->text : '',
            'begin' => $departure->begin,
            'end' => $departure->end,
        ];
        if ($line !== null) {
            $begin = Json::whole($line, 'begin');
            $line->end = max($begin + 1, min(Json::whole($line, 'end'), $departure->begin));
        }
        $lines = $edited->lines();
        $after = $line === null ? 0 : (int) array_search($line, $lines, true) + 1;
        array_splice($lines, $after, 0, [$added]);
        $edited->setLines($lines);
        $recording = $edited->recording();
        if ($recording !== null) {
            $unwritten = Json::objects($recording->unwritten ?? null);
            array_splice($unwritten, (int) $departure->index, 1);
            $recording->unwritten = $unwritten;
        }

        return [$added->id];
    }

    private static function removeWords(Edited $edited, Departure $departure): void
    {
        $line = $edited->line((string) $departure->line);
        $words = Beats::split(Json::text($line, 'text'));
        $script = (new Rescript($edited))->stay();
        for ($word = $departure->from; $word < count($words); ++$word) {
            $script->remove($departure->line ?? '', $word);
        }
        for ($word = $departure->to; $word < count($words); ++$word) {
            $place = $word - $departure->to + $departure->from;
            $script->move($departure->line ?? '', $word, $departure->line ?? '', $place);
        }
        array_splice($words, $departure->from, $departure->to - $departure->from);
        $line->text = implode(' ', $words);
        $script->take(array_values(array_filter(
            $edited->lines(),
            static fn (\stdClass $one): bool => $one !== $line || $words !== [],
        )));
    }
}
