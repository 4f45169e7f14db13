<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Pin;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\HeardPlaces;
use Lupine\Core\Settings\Json;

/**
 * The words of a script go elsewhere: pins, and what recordings know of words, go along with them. What is pinned to a
 * word that is gone keeps the moment at which it was.
 */
final class Rescript
{
    /** @var array<string, array{string, int}> the line and place of each word after it, by “line:word” before it */
    private array $moved = [];

    public function __construct(private readonly Edited $edited)
    {
    }

    /**
     * All words stay where they are.
     *
     * @param string|null $but those of one line, which are gone
     */
    public function stay(?string $but = null): self
    {
        foreach ($this->edited->piece->narration->lines as $line) {
            foreach ($line->id === $but ? [] : array_keys(Beats::split($line->text)) as $word) {
                $this->moved[$line->id.':'.$word] = [$line->id, $word];
            }
        }

        return $this;
    }

    public function move(string $line, int $word, string $toLine, int $toWord): void
    {
        $this->moved[$line.':'.$word] = [$toLine, $toWord];
    }

    public function remove(string $line, int $word): void
    {
        unset($this->moved[$line.':'.$word]);
    }

    /** @param list<\stdClass> $lines that the script has from now on */
    public function take(array $lines): void
    {
        $known = array_fill_keys(
            array_map(static fn (\stdClass $line): string => Json::text($line, 'id'), $lines),
            true,
        );
        foreach ($this->edited->pinned() as [$holder, $name]) {
            $pin = Json::object($holder, $name);
            $line = Json::text($pin, 'line');
            $word = isset($pin->word) ? Json::whole($pin, 'word') : null;
            $place = $word === null ? null : $this->moved[$line.':'.$word] ?? null;
            if ($pin === null || ($word === null ? !isset($known[$line]) : $place === null)) {
                $this->letGo($holder, $name, new Pin($line, $word, Json::whole($pin, 'offset')));
            } elseif ($place !== null) {
                [$pin->line, $pin->word] = $place;
            }
        }
        $this->moveHeard(array_keys($known));
        $this->edited->setLines($lines);
    }

    private function letGo(\stdClass $holder, string $name, Pin $pin): void
    {
        $holder->{$name} = null;
        $frame = (new Beats($this->edited->piece))->frameOf($pin);
        $its = match (true) {
            $name === 'untilPin' => 'until',
            isset($holder->column) => 'frame',
            default => 'begin',
        };
        if ($frame !== null) {
            $holder->{$its} = max(0, $frame);
        }
    }

    /** @param list<string> $lines */
    private function moveHeard(array $lines): void
    {
        $places = HeardPlaces::of($this->edited->piece);
        foreach ($this->edited->recordings() as $recording) {
            $known = [];
            foreach (Json::objects($recording->heard ?? null) as $heard) {
                $known[Json::text($heard, 'line')] = Json::objects($heard->words ?? null);
            }
            $after = [];
            foreach ($places[Json::text($recording, 'id')] ?? [] as $line => $words) {
                foreach ($words as $word => $at) {
                    $place = $this->moved[$line.':'.$word] ?? null;
                    if ($at !== null && $place !== null && isset($known[$line][$at])) {
                        $after[$place[0]][$place[1]] = $known[$line][$at];
                    }
                }
            }
            foreach (Json::objects($recording->unwritten ?? null) as $speech) {
                $before = Json::text($speech, 'line').':'.(Json::whole($speech, 'word') - 1);
                if (isset($this->moved[$before])) {
                    [$speech->line, $word] = $this->moved[$before];
                    $speech->word = $word + 1;
                }
            }
            $recording->heard = [];
            foreach ($lines as $line) {
                $words = $after[$line] ?? [];
                ksort($words);
                if ($words !== []) {
                    $recording->heard[] = (object) ['line' => $line, 'words' => array_values($words)];
                }
            }
        }
    }
}
