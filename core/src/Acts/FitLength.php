<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\TimeMap;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/**
 * All of a piece in another length. Without a recording everything that counts frames is as much longer or shorter as
 * the piece. A recording keeps its pace, and all that happens while it is heard stays with its words: what is before it
 * and after it gives way.
 */
#[Described('Fits all of the piece into another length; a recording keeps its pace.')]
final readonly class FitLength implements Act
{
    public function __construct(
        #[Whole('Length', Unit::Frames, 1, Stage::MAX_FRAMES)]
        private int $frames,
    ) {
    }

    public function change(Edited $edited): array
    {
        $recording = self::heard($edited->piece);
        if ($recording === null) {
            $this->scale($edited);
        } else {
            $this->around($edited, $recording);
        }
        foreach ($edited->lines() as $line) {
            $line->end = max(Json::whole($line, 'end'), Json::whole($line, 'begin') + 1);
        }
        $stage = Json::object($edited->document, 'stage');
        if ($stage !== null) {
            $stage->frames = $this->frames;
        }

        return [];
    }

    /** The recording that says lines of the script; null where they are timed by hand. */
    private static function heard(Piece $piece): ?Recording
    {
        $recording = $piece->narration->inUse;

        return $recording === null || ($recording->sound === null && $recording->heard === []) ? null : $recording;
    }

    private function scale(Edited $edited): void
    {
        $factor = $this->frames / $edited->piece->stage->frames;
        Group::of(Piece::class)->map(
            $edited->document,
            static fn (Setting $setting, mixed $value): mixed => ChangeRate::scaled($setting, $value, $factor),
        );
    }

    /** @throws BadPiece where the recording alone is longer */
    private function around(Edited $edited, Recording $recording): void
    {
        $stage = $edited->piece->stage;
        $begin = min($stage->frames, $recording->begin);
        $end = max($begin, min($stage->frames, $recording->frameAt($recording->to, $stage) + 1));
        $free = $begin + $stage->frames - $end;
        $left = $this->frames - ($end - $begin);
        if ($left < 0) {
            throw new BadPiece(sprintf(
                'The recording takes %.1f seconds, and the piece cannot be shorter than that. Shorten its pauses or'
                    .' trim it first.',
                ($end - $begin) * $stage->rateDenominator / $stage->rateNumerator,
            ), 'with.frames');
        }
        $factor = $free > 0 ? $left / $free : 1.0;
        $to = $begin * $factor;
        $map = new TimeMap([
            [0, 0.0],
            [$begin, $to],
            [$end, $to + $end - $begin],
            [$stage->frames, (float) $this->frames],
        ]);
        $map->move($edited, $recording);
        self::shift($edited, $recording, $map->at($begin) - $begin);
    }

    private static function shift(Edited $edited, Recording $recording, int $by): void
    {
        foreach ($edited->lines() as $line) {
            if (isset($recording->heard[Json::text($line, 'id')])) {
                $line->begin = Json::whole($line, 'begin') + $by;
                $line->end = Json::whole($line, 'end') + $by;
            }
        }
        $kept = $edited->recording();
        if ($kept !== null) {
            $kept->begin = $recording->begin + $by;
        }
    }
}
