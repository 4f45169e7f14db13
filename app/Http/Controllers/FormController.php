<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\CoatProperties;
use App\Api\FormChoice;
use App\Api\FormChoices as FormsAnswer;
use App\Api\Properties as PropertiesAnswer;
use App\Api\Swatches;
use App\Http\Body;
use App\Http\Reply;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\DrawSamples;
use Lupine\Core\Drawing\FormChoices;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\DistinctColours;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\Property;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;

final readonly class FormController
{
    /** pictures of coats at once: as many as one part can have, of eight kinds */
    private const MOST_SAMPLES = Coats::MOST * 8;

    public function __construct(private DrawPiece $drawPiece, private FormChoices $choices)
    {
    }

    /** The forms that a chart can have, each with a picture of its figures. */
    public function choices(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $id = $body->get('chart')->id();
        $chart = array_values(array_filter($piece->charts, static fn (Chart $one): bool => $one->id === $id))[0]
            ?? throw new BadPiece(sprintf('There is no chart “%s”.', $id), 'chart');
        $table = Formulas::worked($piece->table($chart->table));
        try {
            $timing = $this->drawPiece->timings->of($piece)[$id];
            $room = $timing->layouts->at(0)->extent();
            $colours = array_intersect_key($timing->colours, array_column($table->rows, 'id', 'id'));
            // Of several series rows have no colours of their own.
            $colours = $colours === [] || $chart->pick === null
                ? array_replace(MarkColours::of($chart, $table), $colours)
                : $timing->colours;
        } catch (ImpossibleFigures) {
            // A chart that cannot be drawn has no extent; a usual one stands in for it.
            $room = new Box(0, 0, 700, 700);
            $colours = MarkColours::of($chart, $table);
        }

        return Reply::of(new FormsAnswer(array_map(
            static fn (array $form): FormChoice => new FormChoice(...$form),
            $this->choices->of(
                $table,
                $chart->column,
                array_values($colours),
                $chart->form,
                $room,
                $chart->pick,
            ),
        )));
    }

    /** Swatches that can be told apart: those that are there, and as many more as are wanted. */
    public function colours(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $there = array_map(static fn (Field $swatch): string => $swatch->colour(), $body->get('swatches')->items(40));
        if ($there === []) {
            throw $body->get('swatches')->wrong('is empty; at least one colour is needed');
        }
        $count = (int) $body->get('count')->number(1, 40);

        return Reply::of(new Swatches(DistinctColours::of($there, $count)));
    }

    /** Coats on small pieces of a part, side by side, as a reel of one frame. */
    public function coats(Request $request): JsonResponse
    {
        $body = Body::of($request);

        return new JsonResponse(DrawSamples::reel(
            array_map(
                static fn (Field $coats): Coats => Group::of(Coats::class)->read($coats),
                $body->get('coats')->items(self::MOST_SAMPLES),
            ),
            $body->get('colour')->colour(),
            array_map(
                static fn (Field $picture): Picture => Group::of(Picture::class)->read($picture),
                $body->get('pictures')->isNull() ? [] : $body->get('pictures')->items(Document::MAX_PICTURES),
            ),
        ), options: Reply::FLAGS);
    }

    /** A backdrop alone, as a reel of one frame. */
    public function ground(Request $request): JsonResponse
    {
        $body = Body::of($request);

        return new JsonResponse(DrawSamples::ground(
            Group::of(Backdrop::class)->read($body->get('backdrop')),
            Group::of(Sides::class)->read($body->get('stage')),
        ), options: Reply::FLAGS);
    }

    /** What moves can change of a figure, of a chart of a form, and of a free text. */
    public function properties(string $form): JsonResponse
    {
        if (!in_array($form, $this->drawPiece->forms->names(), true)) {
            throw new BadPiece(
                sprintf('“%s” is not a form. There are: %s.', $form, implode(', ', $this->drawPiece->forms->names())),
                'form',
            );
        }
        $settings = $this->drawPiece->forms->settingsOf($form);

        $field = static fn (Property $property): array => $property->field();

        return Reply::of(new PropertiesAnswer(
            array_map($field, Properties::ofFigure()),
            array_map($field, Properties::ofChart($settings)),
            array_map($field, Properties::ofText()),
            array_map($field, Properties::ofPanel()),
            array_map($field, Properties::ofBackdrop()),
            array_map(static fn (string $kind): CoatProperties => new CoatProperties(
                $kind,
                array_map($field, Properties::ofCoat($kind)),
            ), array_keys(Coats::KINDS)),
            array_map($field, Properties::ofStop()),
            array_map($field, Properties::ofStyle()),
            array_map($field, Properties::ofPlate()),
            array_map($field, Properties::ofTracks()),
        ));
    }
}
