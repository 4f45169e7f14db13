<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Edited;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/** Moves and shots come into a piece at a frame, onto what is selected or onto what they were of. */
final readonly class PastedMoves
{
    /** what a target is of, where it names something of the piece */
    private const NAMED = ['chart', 'words', 'panel'];

    /** @param array{chart: string|null, figure: string|null, words: string|null, panel: string|null} $selected */
    public function __construct(private Edited $edited, private array $selected)
    {
    }

    /**
     * The first of them at the wanted frame, those after it as far on as they were; none of them pinned.
     *
     * @param list<\stdClass> $moves
     *
     * @return list<string> ids
     */
    public function paste(array $moves, int $begin): array
    {
        if ($moves === []) {
            throw new BadPiece('There is no move and no shot in it.', 'with.moves');
        }
        $moves = array_map(Json::copy(...), $moves);
        $from = min(array_map(static fn (\stdClass $move): int => Json::whole($move, 'begin'), $moves));
        $alike = count(array_unique(array_map(self::owner(...), $moves))) === 1;
        $gone = [];
        foreach ($moves as $place => $move) {
            $move->begin = $begin + Json::whole($move, 'begin') - $from;
            $move->pin = null;
            if ($alike) {
                $this->giveToSelected($move);
            }
            $this->look($move);
            $gone += array_fill_keys($this->makeWay($move), $place);
        }
        $before = count($this->edited->moves());
        Copies::addMoves($this->edited, $moves, []);
        $ids = array_map(
            static fn (\stdClass $move): string => Json::text($move, 'id'),
            array_slice($this->edited->moves(), $before),
        );
        // What began with a move that gave way begins with the one that came instead.
        foreach ($this->edited->moves() as $move) {
            $follow = Json::object($move, 'follow');
            $place = $gone[Json::text($follow, 'move')] ?? null;
            if ($follow !== null && $place !== null) {
                $follow->move = $ids[$place];
            }
        }

        return $ids;
    }

    /** What a move is of: a figure, a chart, a text, a panel, the backdrop or the camera. */
    private static function owner(\stdClass $move): string
    {
        $target = Json::object($move, 'target') ?? new \stdClass();

        return implode(' ', array_map(
            static fn (string $name): string => Json::text($target, $name),
            [...self::NAMED, 'figure'],
        ));
    }

    /** Whether it is the label alone that moves. */
    private static function part(\stdClass $move): string
    {
        return Json::text(Json::object($move, 'target'), 'part');
    }

    /** Moves of one part, text or panel are for the one that is selected, where that is of the same kind. */
    private function giveToSelected(\stdClass $move): void
    {
        $target = Json::object($move, 'target');
        if ($target === null) {
            return;
        }
        $isOfPart = isset($target->figure);
        foreach (self::NAMED as $name) {
            $isAlike = isset($target->{$name}) && $this->selected[$name] !== null
                && ($name !== 'chart' || $isOfPart === ($this->selected['figure'] !== null));
            if ($isAlike) {
                $target->{$name} = $this->selected[$name];
                if ($isOfPart) {
                    $target->figure = $this->selected['figure'];
                }
            }
        }
    }

    /** Whether what it moves is in the piece. */
    private function look(\stdClass $move): void
    {
        $target = Json::object($move, 'target');
        $kinds = [
            'chart' => ['chart', $this->edited->charts()],
            'words' => ['text', $this->edited->words()],
            'panel' => ['panel', $this->edited->panels()],
        ];
        foreach ($kinds as $name => [$called, $all]) {
            $id = Json::text($target, $name);
            $its = $id === '' ? null : Edited::named($all, $id);
            if ($id !== '' && $its === null) {
                throw new BadPiece(
                    "The {$called} that these moves are of is not in this piece. Select a {$called} to paste them onto.",
                    'with.moves',
                );
            }
            $figure = Json::text($target, 'figure');
            if ($name === 'chart' && $its !== null && $figure !== '' && !$this->hasFigure($its, $figure)) {
                throw new BadPiece(
                    'The part that these moves are of is not in this piece. Select a part to paste them onto.',
                    'with.moves',
                );
            }
        }
        $shot = Json::object($move, 'shot');
        $on = Json::object($shot, 'on');
        $isHere = Edited::named($this->edited->charts(), Json::text($on, 'chart')) !== null;
        if ($shot !== null && $on !== null && !$isHere) {
            $shot->on = null;
        }
    }

    /** Whether a figure is of a row of a chart's table; those of several series and of groups have ids made of it. */
    private function hasFigure(\stdClass $chart, string $figure): bool
    {
        $table = Edited::named($this->edited->tables(), Json::text($chart, 'table'));
        foreach (Json::objects($table->rows ?? null) as $row) {
            $id = Json::text($row, 'id');
            if ($figure === $id || str_starts_with($figure, $id.'-')) {
                return true;
            }
        }

        return Json::object($chart, 'pick') !== null;
    }

    /**
     * A part comes once and goes once: what is pasted takes the place of what was told before.
     *
     * @return list<string> ids of what gave way
     */
    private function makeWay(\stdClass $move): array
    {
        $kind = Json::text($move, 'kind');
        $kept = $gone = [];
        foreach ($this->edited->moves() as $other) {
            $isSame = in_array($kind, ['entrance', 'exit'], true) && Json::text($other, 'kind') === $kind
                && self::owner($other) === self::owner($move) && self::part($other) === self::part($move);
            if ($isSame) {
                $gone[] = Json::text($other, 'id');
            } else {
                $kept[] = $other;
            }
        }
        $this->edited->document->moves = $kept;

        return $gone;
    }
}
