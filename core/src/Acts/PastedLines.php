<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Narration;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/** Lines of a script come into another, or once more into their own. */
final class PastedLines
{
    /**
     * They stand where nothing is said for as long as they take, from a frame on; a recording does not say them.
     *
     * @param list<\stdClass> $lines
     *
     * @return list<string> ids
     */
    public static function paste(Edited $edited, array $lines, int $begin): array
    {
        if ($lines === []) {
            throw new BadPiece('There is no line in it.', 'with.lines');
        }
        $all = $edited->lines();
        if (count($all) + count($lines) > Narration::MAX_LINES) {
            throw new BadPiece(sprintf('A script can hold up to %d lines.', Narration::MAX_LINES), 'with.lines');
        }
        $from = min(array_map(static fn (\stdClass $line): int => Json::whole($line, 'begin'), $lines));
        $long = max(array_map(static fn (\stdClass $line): int => Json::whole($line, 'end'), $lines)) - $from;
        $at = self::free($all, $begin, $long);
        if ($at + $long > Stage::MAX_FRAMES) {
            throw new BadPiece('The piece would become too long with these lines.', 'with.lines');
        }
        $ids = Edited::newIds('line', $all, count($lines));
        foreach ($lines as $place => $line) {
            $copy = Json::copy($line);
            $copy->id = $ids[$place];
            $copy->begin = $at + Json::whole($line, 'begin') - $from;
            $copy->end = $at + Json::whole($line, 'end') - $from;
            $all[] = $copy;
        }
        usort($all, static fn (\stdClass $one, \stdClass $other): int => $one->begin <=> $other->begin);
        $edited->setLines($all);

        return $ids;
    }

    /** @param list<\stdClass> $lines */
    private static function free(array $lines, int $begin, int $long): int
    {
        usort($lines, static fn (\stdClass $one, \stdClass $other): int => $one->begin <=> $other->begin);
        foreach ($lines as $line) {
            $isClear = Json::whole($line, 'end') <= $begin || Json::whole($line, 'begin') >= $begin + $long;
            $begin = $isClear ? $begin : Json::whole($line, 'end');
        }

        return $begin;
    }
}
