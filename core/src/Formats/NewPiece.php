<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Piece\Table;

/**
 * A piece made from a table: a stage, the chart in its middle third, a title, a legend, and an order in which it opens.
 */
final readonly class NewPiece
{
    /** The colour that a new chart's tints are made from. */
    public const SWATCH = '#4fb286';

    /**
     * The document, in the form of docs/piece.schema.json.
     *
     * @param string $form one of FormSettings::KINDS
     *
     * @return array<string, mixed>
     */
    public static function document(Table $table, string $form, string $title): array
    {
        $count = count($table->rows);
        $spacing = max(1.3, min(2.0, 560 / max(1, $count) / 40));
        $size = $count > 10 ? max(14, (int) floor(620 / $count / 1.4)) : 40;
        $headline = $table->name !== '' ? $table->name : $title;

        return [
            'lupine' => 1,
            'title' => $title,
            'stage' => ['width' => 1920, 'height' => 1080, 'rate' => [30, 1], 'dropFrame' => false, 'frames' => 240],
            'tables' => [$table->toDocument()],
            'charts' => [
                [
                    'id' => 'chart1',
                    'table' => $table->id,
                    'column' => $table->columns[0]->id,
                    'form' => [
                        'kind' => $form,
                        'radius' => 350,
                        'hole' => $form === 'pie' ? 0 : 0.6,
                        'startDegrees' => 0,
                        'direction' => 'clockwise',
                        'gap' => 0,
                        'order' => 'descending',
                    ],
                    'place' => ['x' => 620, 'y' => 540],
                    'finish' => [
                        'colours' => 'tints',
                        'swatches' => [self::SWATCH],
                        'fill' => 'flat',
                        'pattern' => null,
                        'glow' => null,
                        'shadow' => null,
                    ],
                    'words' => [
                        'reading' => [
                            'of' => 'share',
                            'decimals' => null,
                            'prefix' => '',
                            'suffix' => '%',
                            'group' => ',',
                            'point' => '.',
                        ],
                        'labels' => [
                            'show' => 'none',
                            'text' => 'reading',
                            'font' => 'figtree-bold',
                            'size' => 40,
                            'colour' => '#ffffff',
                        ],
                        'legend' => [
                            'x' => 1120,
                            'y' => 540 - (($count - 1) * $spacing * $size) / 2 + 50,
                            'width' => 640,
                            'spacing' => $spacing,
                            'font' => 'figtree-semibold',
                            'size' => $size,
                            'colour' => '#ffffff',
                        ],
                        'centre' => $form === 'donut'
                                ? [
                                    'caption' => mb_strtolower(
                                        $table->columns[0]->name === 'Value' ? 'in all' : $table->columns[0]->name,
                                    ),
                                    'prefix' => '',
                                    'suffix' => '',
                                    'font' => 'bricolage-bold',
                                    'size' => 110,
                                    'colour' => '#ffffff',
                                ]
                                : null,
                    ],
                    'entrance' => [
                        'begin' => 12,
                        'frames' => 24,
                        'curve' => 'ease-in-out',
                        'order' => 'overlapping',
                        'overlap' => $count > 8 ? 20 : 8,
                        'opens' => 'clockwise',
                    ],
                    'exit' => null,
                    'own' => (object) [],
                ],
            ],
            'words' => [
                [
                    'id' => 'title',
                    'text' => $headline,
                    'x' => 1120,
                    'y' => max(150, 540 - (($count - 1) * $spacing * $size) / 2 - 60),
                    'width' => 680,
                    'align' => 'left',
                    'upperCase' => false,
                    'font' => 'bricolage-bold',
                    'size' => 64,
                    'colour' => '#ffffff',
                ],
            ],
            'captions' => [
                'y' => 1000,
                'width' => 1400,
                'font' => 'figtree-regular',
                'size' => 44,
                'colour' => '#ffffff',
            ],
            'backdrop' => ['kind' => 'radial', 'colour' => '#24514a', 'edge' => '#12211f', 'vignette' => 0.3],
            'script' => ['lines' => []],
            'moves' => [],
        ];
    }
}
