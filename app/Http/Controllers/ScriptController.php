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

/** The script as text, and where its lines stand in time. */
final readonly class ScriptController
{
    private const LONGEST_TEXT = 400_000;

    /** A text or a file of subtitles as lines of a piece, and what it changes of those that are there. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $written = WrittenScript::read($body->get('text')->long(self::LONGEST_TEXT));

        return response()->json(
            ['kind' => $written->kind, 'remarks' => $written->remarks, ...ScriptAgain::of($piece, $written)->answer()],
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
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
            $pace = $body->get('pace')->whole(ScratchVoice::SLOWEST, ScratchVoice::FASTEST);
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
