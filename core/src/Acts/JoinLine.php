<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Beats;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/** A line and the one after it become one. */
#[Described('Joins a line with the one after it.')]
final readonly class JoinLine implements Act
{
    public function __construct(
        #[Id]
        private string $line,
    ) {
    }

    public function change(Edited $edited): array
    {
        $line = $edited->line($this->line);
        $lines = $edited->lines();
        $next = $lines[(int) array_search($line, $lines, true) + 1]
            ?? throw new BadPiece('There is no line after it to join it with.', 'with.line');
        $text = trim(Json::text($line, 'text')).' '.trim(Json::text($next, 'text'));
        if (mb_strlen($text) > ScriptLine::LONGEST) {
            throw new BadPiece(
                sprintf('The two have %d characters; a line has up to %d.', mb_strlen($text), ScriptLine::LONGEST),
                'with.line',
            );
        }
        $before = count(Beats::split(Json::text($line, 'text')));
        $id = Json::text($next, 'id');
        $script = (new Rescript($edited))->stay();
        foreach (array_keys(Beats::split(Json::text($next, 'text'))) as $word) {
            $script->move($id, $word, $this->line, $before + $word);
        }
        foreach ($edited->pinned() as [$holder, $name]) {
            $pin = Json::object($holder, $name);
            // What was pinned to the line is pinned to its first word now.
            if ($pin !== null && $pin->line === $id && !isset($pin->word)) {
                $pin->word = 0;
            }
        }
        $line->text = trim($text);
        $line->end = max(Json::whole($line, 'end'), Json::whole($next, 'end'));
        $script->take(array_values(array_filter($lines, static fn (\stdClass $one): bool => $one !== $next)));

        return [];
    }
}
