<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Proof;

/** What proof measured, as a table: the piece and how it was measured, each figure, and each check. */
final readonly class ProofTable
{
    private const HEADS = [
        'What', 'Chart', 'Name', 'Typed', 'Should be (%)', 'Measured (%)', 'Largest difference (%)', 'Measure', 'Frame',
        'Timecode', 'Result',
    ];

    /**
     * @param string $fingerprint of the piece: the SHA-256 of its document
     * @param array<string, string> $films SHA-256 of the films that were made of it, by file name
     */
    public static function of(Piece $piece, Proof $proof, string $fingerprint, array $films = []): Table
    {
        $clock = new Clockwork($piece);
        $names = [];
        foreach ($piece->charts as $chart) {
            $names[$chart->id] = Markers::named($piece, $chart);
        }
        $number = static fn (float $part): string => number_format($part * 100, 6, '.', '');
        $rows = [
            ['piece', '', $piece->title, '', '', '', '', $proof->extent, '', '', $proof->word()],
            ['fingerprint', '', $fingerprint, '', '', '', '', 'SHA-256 of the piece', '', '', ''],
        ];
        foreach ($films as $name => $print) {
            $rows[] = ['film', '', $print, $name, '', '', '', 'SHA-256 of the film', '', '', ''];
        }
        foreach ($proof->figures as $figure) {
            $rows[] = [
                'figure',
                $names[$figure->chartId] ?? '',
                $figure->label,
                $figure->value,
                $number($figure->wanted),
                $number($figure->measured),
                $number($figure->difference),
                $figure->measureText,
                $figure->frame,
                $clock->timecode($figure->frame),
                $figure->difference <= Proof::TOLERANCE ? 'exact' : 'off',
            ];
        }
        foreach ($proof->checks() as $check) {
            $rows[] = [
                'check',
                '',
                $check->message,
                '',
                '',
                '',
                '',
                '',
                $check->frame,
                $check->frame === null ? '' : $clock->timecode($check->frame),
                $check->ok ? 'right' : 'look again',
            ];
        }

        return new Table(self::HEADS, $rows);
    }
}
