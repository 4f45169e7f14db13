<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Json;

/** A new piece whose chart runs through its columns: years pass, the largest rows change places. */
final readonly class NewRun
{
    /** frames until it begins, for each moment, and after the last */
    private const BEGIN = 44;
    private const EACH = 32;
    private const AFTER = 54;

    /** frames in which rows change places */
    private const PLACES = 14;

    /** rows that are seen at a time; taste */
    private const ROWS = 8;

    /** size of the moment under the title */
    private const SIZE = 96;

    /** @param \stdClass $document as NewPiece has it; it is changed */
    public static function through(\stdClass $document, Table $table): void
    {
        $stage = Json::object($document, 'stage');
        $chart = Json::objects($document->charts ?? null)[0] ?? null;
        $entrance = Json::object($chart, 'entrance');
        if ($stage === null || $chart === null || $entrance === null) {
            return;
        }
        $frames = self::EACH * (count($table->columns) - 1);
        $stage->frames = self::BEGIN + $frames + self::AFTER;
        $chart->run = (object) [
            'begin' => self::BEGIN, 'frames' => $frames, 'between' => 'eased', 'places' => self::PLACES, 'pins' => [],
        ];
        if (count($table->rows) > self::ROWS) {
            $chart->pick = (object) ['by' => 'largest', 'count' => self::ROWS, 'others' => false];
        }
        $entrance->begin = 8;
        $entrance->order = 'together';
        $when = [
            'id' => 'when', 'text' => BoundText::COLUMN, 'role' => 'subtitle', 'x' => 160, 'y' => 290, 'width' => 1600,
            'placedBy' => 'rule', 'align' => 'left', 'font' => 'bricolage-bold', 'size' => self::SIZE, 'colour' => null,
            'momentOf' => 'chart1',
        ];
        $document->words = [...Json::objects($document->words ?? []), (object) $when];
    }
}
