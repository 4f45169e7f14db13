<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Setting;

/** What a move moves: a figure or its label, a chart, a text, a panel, the backdrop, the captions, or the camera. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Target extends Setting
{
    public function kind(): string
    {
        return 'target';
    }

    /** Which of them it can be hangs on the move, which reads it. */
    public function read(Field $field): Field
    {
        return $field;
    }

    public function schema(): array
    {
        return ['anyOf' => array_map(
            static fn (string $name): array => ['$ref' => '#/definitions/'.$name],
            [Group::of(FigureName::class)->name, ...array_keys($this->definitions())],
        )];
    }

    public function definitions(): array
    {
        $id = ['type' => 'string', 'pattern' => Field::ID, 'maxLength' => Field::LONGEST_ID];
        $figure = ['chart' => $id, 'figure' => $id];

        return [
            'LabelTarget' => self::of(
                'The label of a figure: told when to come or go, whatever its part does.',
                [...$figure, 'part' => ['enum' => ['label']]],
            ),
            'WordsTarget' => self::of('A text on the stage.', ['words' => $id]),
            'PanelTarget' => self::of('A panel on the stage.', ['panel' => $id]),
            'ChartTarget' => self::of('A chart as a whole, in a change.', ['chart' => $id]),
            'BackdropTarget' => self::of(
                'What is behind everything: its colours and its vignette change.',
                ['stage' => ['enum' => ['backdrop']]],
            ),
            'CaptionsTarget' => self::of(
                'All captions: how they are set changes.',
                ['stage' => ['enum' => ['captions']]],
            ),
            'CameraTarget' => self::of('The camera, in a shot.', ['camera' => ['const' => true]]),
        ];
    }

    public function default(): mixed
    {
        return null;
    }

    public function groups(): array
    {
        return [FigureName::class];
    }

    /**
     * @param array<string, array<string, mixed>> $properties
     *
     * @return array<string, mixed>
     */
    private static function of(string $description, array $properties): array
    {
        return [
            'type' => 'object',
            'description' => $description,
            'properties' => $properties,
            'required' => array_keys($properties),
            'additionalProperties' => false,
        ];
    }
}
