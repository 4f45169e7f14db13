<?php

declare(strict_types=1);

namespace App\Batch;

use App\Desk\KeptReels;
use App\Voice\Course;
use App\Voice\Listener;
use App\Voice\SoundStore;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Laid;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Json;

/** A script that says other words than its recording, read again by the scratch voice that read it before. */
final readonly class ReadAnew
{
    public function __construct(
        private Listener $listener,
        private KeptReels $kept,
        private SoundStore $sounds,
        private Forms $forms,
    ) {
    }

    /**
     * @param string $text a document
     * @param string $recording the id of the recording that the scratch voice made
     *
     * @return string the document with the new reading in its place, its lines where it says them
     *
     * @throws LupineException where it cannot be read
     */
    public function in(string $text, string $recording): string
    {
        $read = $this->kept->remember('read', $text, $recording, fn (): string => $this->read($text, $recording));

        // A reading that has been swept since is made again.
        return $this->isThere($read) ? $read : $this->read($text, $recording);
    }

    private function isThere(string $text): bool
    {
        $sound = Piece::fromJson($text, $this->forms)->narration->inUse?->sound;

        return $sound === null || $this->sounds->has($sound);
    }

    private function read(string $text, string $id): string
    {
        $document = (object) json_decode($text);
        $script = Json::object($document, 'script');
        $stage = Json::object($document, 'stage');
        $found = array_values(array_filter(
            Json::objects($script->recordings ?? null),
            static fn (\stdClass $one): bool => ($one->id ?? null) === $id
                && ($one->scratch ?? null) instanceof \stdClass,
        ))[0] ?? null;
        $lines = Json::objects($script->lines ?? null);
        if ($script === null || $stage === null || $found === null || $lines === []) {
            return $text;
        }
        $rate = is_array($stage->rate ?? null) ? $stage->rate : [30, 1];
        $made = $this->listener->scratch(Field::root((object) [
            'speaker' => $found->scratch->speaker,
            'pace' => $found->scratch->pace,
            'lines' => array_map(static fn (\stdClass $line): \stdClass => (object) [
                'id' => $line->id,
                'text' => $line->text,
                'seconds' => Json::whole($line, 'begin') * $rate[1] / $rate[0],
            ], $lines),
        ]), Course::unseen());
        $found->sound = $made['sound'];
        $found->length = $found->to = round(1000 * (float) $made['seconds'], 1);
        $found->begin = 0;
        $found->from = 0;
        $found->heard = $made['heard'];
        unset($found->unwritten);
        $script->recording = $id;

        return $this->laid($document, $lines, $stage);
    }

    /**
     * Lines stand where they are said; the piece is as long as they need it.
     *
     * @param list<\stdClass> $lines of the document
     */
    private function laid(\stdClass $document, array $lines, \stdClass $stage): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;
        $piece = Piece::fromJson(json_encode($document, $flags), $this->forms);
        $laid = Laid::byRecording($piece->narration, $piece->stage);
        foreach ($lines as $line) {
            $its = $laid[Json::text($line, 'id')] ?? null;
            if ($its !== null) {
                [$line->begin, $line->end] = [$its['begin'], $its['end']];
                $stage->frames = max(Json::whole($stage, 'frames'), $its['end']);
            }
        }

        return json_encode($document, $flags);
    }
}
