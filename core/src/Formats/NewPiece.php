<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Form;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;

/**
 * A piece made from a table: a stage, a chart, a title, a legend, placed by a rule, and an order in which it opens.
 */
final readonly class NewPiece
{
    /**
     * The document, in the form of docs/piece.schema.json.
     *
     * @param array<string, string> $colours that figures bring along, by row id
     * @param string $headline on the stage; empty: what is counted
     * @param bool $isGuessed whether nobody has said that it is the title
     *
     * @return array{stage: array<string, mixed>, ...<string, mixed>}
     */
    public static function document(
        Table $table,
        Form $form,
        string $title,
        array $colours = [],
        string $headline = '',
        bool $isGuessed = false,
    ): array {
        $defaults = $form->defaults();
        $headline = $headline !== '' ? $headline : ($table->name !== '' ? $table->name : $title);

        return [
            'lupine' => Piece::VERSION,
            'title' => $title,
            'stage' => ['width' => 1920, 'height' => 1080, 'rate' => [30, 1], 'dropFrame' => false, 'frames' => 240],
            'tables' => [$table->toDocument()],
            'charts' => [
                NewChart::document('chart1', $table, $table->columns[0]->id, $form, colours: $colours),
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
                    'colour' => null,
                    ...($isGuessed ? ['guessed' => true] : []),
                ],
            ],
            'captions' => [
                'y' => 1000,
                'width' => 1400,
                'placedBy' => 'rule',
                'font' => 'figtree-regular',
                'size' => 44,
                'colour' => null,
            ],
            'backdrop' => ['kind' => 'radial', 'colour' => '#24514a', 'edge' => '#12211f', 'vignette' => 0.3],
            'script' => ['lines' => []],
            'moves' => [],
            'arrangement' => ['charts' => $defaults->isWide ? 'below' : 'left', 'several' => 'fitting'],
            'shapes' => [],
        ];
    }
}
