<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Piece\ScratchVoice;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Laid;
use Lupine\Core\Script\ScriptAgain;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Spoken\ToldChart;

/** The script as text, and where its lines stand in time. */
final readonly class ScriptController
{
    /** A text or a file of subtitles as lines of a piece, and what it changes of those that are there. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $written = WrittenScript::read($body->get('text')->long(WrittenScript::MAX_BYTES));

        return response()->json(
            ['kind' => $written->kind, 'remarks' => $written->remarks, ...ScriptAgain::of($piece, $written)->answer()],
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    /** The chart that a text tells by itself; no figures where it tells none. */
    public function tell(Request $request): JsonResponse
    {
        $text = Body::of($request)->get('text')->long(WrittenScript::MAX_BYTES);
        // What has tabs is a table, and what has no sentence is none either.
        $isProse = !str_contains($text, "\t") && preg_match('/\p{L}+\s+\p{L}+\s+\p{L}+/u', $text) === 1;
        if (!$isProse || trim($text) === '') {
            return response()->json(['figures' => [], 'lines' => 0, 'whole' => '', 'title' => '']);
        }
        $script = WrittenScript::read($text);
        $chart = ToldChart::of($script->lines);

        return response()->json([
            'figures' => $chart->isTold() ? $chart->figures : [],
            'lines' => count($script->lines),
            'whole' => $chart->whole,
            'title' => $chart->title,
        ]);
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

        return response()->json(['lines' => (object) $laid]);
    }
}
