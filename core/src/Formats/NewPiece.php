<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Form;
use Lupine\Core\Form\FormDefaults;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;

/**
 * A piece made from a table: a stage, a chart, a title, a legend, placed by a rule, and an order in which it opens.
 */
final readonly class NewPiece
{
    /** The colour that a new chart's tints are made from. */
    public const SWATCH = '#4fb286';

    /** figures beyond which the piece would be over before the last has come */
    private const TOO_MANY_IN_TURN = 150;

    /**
     * The document, in the form of docs/piece.schema.json.
     *
     * @return array<string, mixed>
     */
    public static function document(Table $table, Form $form, string $title): array
    {
        $defaults = $form->defaults();
        $count = count($table->rows);
        $headline = $table->name !== '' ? $table->name : $title;
        $plan = new NewPiecePlan($defaults, $count);

        return [
            'lupine' => Piece::VERSION,
            'title' => $title,
            'stage' => ['width' => 1920, 'height' => 1080, 'rate' => [30, 1], 'dropFrame' => false, 'frames' => 240],
            'tables' => [$table->toDocument()],
            'charts' => [
                [
                    'id' => 'chart1',
                    'table' => $table->id,
                    'column' => $table->columns[0]->id,
                    'form' => self::settings($form, $count),
                    'place' => ['x' => 960, 'y' => 540, 'placedBy' => 'rule'],
                    'finish' => [
                        'colours' => 'tints',
                        'swatches' => [self::SWATCH],
                        'fill' => 'flat',
                        'pattern' => null,
                        'glow' => null,
                        'shadow' => null,
                    ],
                    'words' => self::words($table, $defaults, $plan),
                    'entrance' => [
                        'begin' => 12,
                        'frames' => 24,
                        'curve' => 'ease-in-out',
                        'order' => $count > self::TOO_MANY_IN_TURN ? 'together' : 'overlapping',
                        'overlap' => $count > 8 ? 24 - self::step($count) : 8,
                        'opens' => 'forward',
                    ],
                    'exit' => null,
                    'own' => (object) [],
                ],
            ],
            'words' => [
                [
                    'id' => 'title',
                    'text' => $headline,
                    'role' => 'title',
                    'x' => 160,
                    'y' => 190,
                    'width' => 1600,
                    'placedBy' => 'rule',
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
                'placedBy' => 'rule',
                'font' => 'figtree-regular',
                'size' => 44,
                'colour' => '#ffffff',
            ],
            'backdrop' => ['kind' => 'radial', 'colour' => '#24514a', 'edge' => '#12211f', 'vignette' => 0.3],
            'script' => ['lines' => []],
            'moves' => [],
            'arrangement' => ['charts' => $defaults->isWide ? 'below' : 'left', 'several' => 'fitting'],
            'shapes' => [],
        ];
    }

    /** @return array<string, mixed> */
    private static function words(Table $table, FormDefaults $defaults, NewPiecePlan $plan): array
    {
        $isShare = $defaults->readings === 'share';
        $isMany = $plan->isMany;
        $column = $table->columns[0]->name;
        // A single figure is named by its row, several by their column.
        $inAll = $column === 'Value' ? 'in all' : $column;
        $caption = $defaults->hasLegend ? $inAll : $table->rows[0]->label ?? $inAll;

        return [
            'reading' => [
                'of' => $defaults->readings,
                'decimals' => null,
                'prefix' => '',
                'suffix' => $isShare ? '%' : '',
                'group' => ',',
                'point' => '.',
            ],
            'labels' => [
                'show' => $isMany ? 'none' : $defaults->labels,
                'text' => 'reading',
                'font' => 'figtree-bold',
                'size' => $plan->labelSize,
                'colour' => '#ffffff',
                'plate' => null,
            ],
            'names' => $defaults->hasNames && !$isMany
                ? ['font' => 'figtree-semibold', 'size' => $plan->nameSize, 'colour' => '#ffffff']
                : null,
            'legend' => $plan->hasLegend
                ? [
                    'x' => 1120,
                    'y' => 400,
                    'width' => 640,
                    'placedBy' => 'rule',
                    'spacing' => $plan->spacing,
                    'font' => 'figtree-semibold',
                    'size' => $plan->legendSize,
                    'colour' => '#ffffff',
                ]
                : null,
            'centre' => $defaults->hasTotal
                ? [
                    'caption' => mb_strtolower($caption),
                    'prefix' => '',
                    'suffix' => '',
                    'font' => 'bricolage-bold',
                    'size' => 110,
                    'colour' => '#ffffff',
                ]
                : null,
        ];
    }

    /** Frames from one figure to the next, so that many have come within a few seconds. */
    private static function step(int $count): int
    {
        return max(1, min(4, intdiv(96, $count)));
    }

    /**
     * @param int $count figures
     *
     * @return array<string, float|string>
     */
    public static function settings(Form $form, int $count, float $width = 700, float $height = 700): array
    {
        $settings = ['kind' => $form->name()];
        foreach ($form->settings() as $setting) {
            $settings[$setting->name] = $setting->usual;
        }
        if (isset($settings['order'])) {
            $settings['order'] = 'descending';
        }

        return [...$settings, ...$form->fitted($width, $height, $count)];
    }
}
