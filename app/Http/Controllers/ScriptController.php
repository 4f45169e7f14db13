<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\LaidLines;
use App\Api\LineTime;
use App\Api\OfferedWord;
use App\Api\ReadScript;
use App\Api\ToldFigure;
use App\Api\ToldTable;
use App\Api\Word;
use App\Http\Body;
use App\Http\Reply;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Contract\Map;
use Lupine\Core\Piece\ScratchVoice;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Laid;
use Lupine\Core\Script\ScriptAgain;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Spoken\ToldChart;
use Lupine\Core\Spoken\ToldFigure as Told;

/** The script as text, and where its lines stand in time. */
final readonly class ScriptController
{
    /** A text or a file of subtitles as lines of a piece, and what it changes of those that are there. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $written = WrittenScript::read($body->get('text')->long(WrittenScript::MAX_BYTES));

        $again = ScriptAgain::of($piece, $written);

        return Reply::of(new ReadScript(
            $written->kind,
            $written->remarks,
            $again->lines,
            $again->heard,
            new Map(array_map(static fn (array $word): Word => new Word(...$word), $again->moved)),
            new Map(array_map(
                static fn (array $kin): array => array_map(
                    static fn (array $word): OfferedWord => new OfferedWord(...$word),
                    $kin,
                ),
                $again->kin,
            )),
            $again->added,
            $again->gone,
        ));
    }

    /** The chart that a text tells by itself; no figures where it tells none. */
    public function tell(Request $request): JsonResponse
    {
        $text = Body::of($request)->get('text')->long(WrittenScript::MAX_BYTES);
        // What has tabs is a table, and what has no sentence is none either.
        $isProse = !str_contains($text, "\t") && preg_match('/\p{L}+\s+\p{L}+\s+\p{L}+/u', $text) === 1;
        if (!$isProse || trim($text) === '') {
            return Reply::of(new ToldTable([], 0, '', ''));
        }
        $script = WrittenScript::read($text);
        $chart = ToldChart::of($script->lines);

        return Reply::of(new ToldTable(
            array_map(
                static fn (Told $one): ToldFigure => new ToldFigure(...get_object_vars($one)),
                $chart->isTold() ? $chart->figures : [],
            ),
            count($script->lines),
            $chart->whole,
            $chart->title,
        ));
    }

    /** Where the lines of a piece stand: at a pace, or where the recording in use says them. */
    public function lay(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $lines = $piece->narration->lines;
        if ($body->get('pace')->isNull()) {
            $laid = Laid::byRecording($piece->narration, $piece->stage);
        } else {
            $pace = ScratchVoice::pace($body->get('pace'));
            $texts = array_map(static fn (ScriptLine $line): string => $line->text, $lines);
            $first = $lines === [] ? 0 : min(array_map(static fn (ScriptLine $line): int => $line->begin, $lines));
            $laid = [];
            foreach (Laid::byPace($texts, $pace, $piece->stage, $first) as $index => $one) {
                $laid[$lines[$index]->id] = $one;
            }
        }

        return Reply::of(new LaidLines(new Map(
            array_map(static fn (array $one): LineTime => new LineTime(...$one), $laid),
        )));
    }
}
