<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\InkSettings;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Settings\Changed;
use Lupine\Core\Story\PanelOverTime;

/** Words that have no colour of their own become dark or light, whichever reads on what is behind them. */
final readonly class WordsOnGround
{
    /** where a chart's own words are looked for, as parts of the stage beside its middle */
    private const AROUND = [[0.0, 0.0], [-0.12, 0.0], [0.12, 0.0], [0.0, -0.2], [0.0, 0.2]];

    /** how wide a text is in the mean, as a multiple of its size, where its lines do not wrap; taste */
    private const WIDE = 6;

    private const COLOURS = ['colour', 'edge'];

    private PanelsGround $panels;

    private BackdropGround $ground;

    private PlateGround $plates;

    private function __construct(private Piece $piece)
    {
        $this->ground = BackdropGround::of($piece);
        $pictures = array_column($piece->pictures, null, 'id');
        $this->plates = new PlateGround($pictures);
        $this->panels = new PanelsGround(
            array_map(PanelOverTime::still(...), array_values(array_filter(
                $piece->panels,
                static fn (Panel $panel): bool => !$panel->isHidden,
            ))),
            new Box(0, 0, $piece->stage->width, $piece->stage->height),
            $pictures,
        );
    }

    /** The piece with nothing left to be placed and no colour of words left to be found. */
    public static function inked(Piece $piece): Piece
    {
        return (new self($piece))->piece();
    }

    private function piece(): Piece
    {
        $captions = $this->piece->captions;
        if ($captions?->style->isByGround === true) {
            $stage = $this->piece->stage;
            $across = array_map(static fn (float $part): Point => new Point(
                $stage->width / 2 + $part * $captions->width,
                $captions->y - $captions->style->size / 2,
            ), [-0.3, 0.0, 0.3]);
            $ink = $this->ink($across, PanelsGround::OF_CAPTIONS, $captions->style);
            $captions = Changed::of($captions, ['colour' => $ink]);
        }

        $charts = array_map($this->chart(...), $this->piece->charts);
        $words = array_map($this->words(...), $this->piece->words);
        $isAsItWas = [$charts, $words, $captions] === [
            $this->piece->charts,
            $this->piece->words,
            $this->piece->captions,
        ];

        return $isAsItWas ? $this->piece : $this->piece->arranged(
            $this->piece->stage,
            $charts,
            $words,
            $captions,
            $this->piece->panels,
        );
    }

    private function words(FreeText $words): FreeText
    {
        if (!$words->style->isByGround) {
            return $words;
        }
        $width = min($words->width, self::WIDE * $words->style->size);
        $left = $words->x - match ($words->align) {
            'middle' => $width / 2,
            'right' => $width,
            default => 0.0,
        };
        $y = $words->y - $words->style->size / 3;

        return $words->inked($this->ink([
            new Point($left, $y),
            new Point($left + $width / 2, $y),
            new Point($left + $width, $y),
        ], PanelsGround::OF_WORDS, $words->style));
    }

    private function chart(Chart $chart): Chart
    {
        $stage = $this->piece->stage;
        $around = array_map(static fn (array $off): Point => new Point(
            $chart->place->x + $off[0] * $stage->width,
            $chart->place->y + $off[1] * $stage->height,
        ), self::AROUND);
        $words = $chart->words;
        $legend = $words->legend;
        $column = $legend === null ? [] : array_map(static fn (float $part): Point => new Point(
            $legend->x + $part * $legend->width,
            $legend->y + 2 * $legend->style->size,
        ), [0.15, 0.5, 0.95]);
        $inks = [];
        foreach ([
            'labels' => [$words->labels->style, $around],
            'names' => [$words->names?->style, $around],
            'axis' => [$words->axis?->style, $around],
            'centre' => [$words->centre?->style, [$around[0]]],
            'legend' => [$legend?->style, $column],
        ] as $name => [$style, $points]) {
            if ($style?->isByGround === true) {
                $inks[$name.'.colour'] = $this->ink($points, PanelsGround::OF_CHART, $style);
            }
        }

        return $inks === [] ? $chart : $chart->arranged($chart->place, $chart->form, Changed::of($words, $inks));
    }

    /**
     * The ink that reads better where it reads worst.
     *
     * @param list<Point> $points of the stage
     * @param list<string> $layers of panels that are behind them
     */
    private function ink(array $points, array $layers, TextStyle $style): string
    {
        $stage = $this->piece->stage;
        $inks = $this->piece->inks ?? new InkSettings();
        $worst = [$inks->light => INF, $inks->dark => INF];
        foreach ($this->grounds() as $ground) {
            foreach ($points as $point) {
                $at = new Point(
                    max(0.0, min((float) $stage->width, $point->x)),
                    max(0.0, min((float) $stage->height, $point->y)),
                );
                $backdrop = $this->ground->at($ground, $at);
                foreach ($this->behind($this->panels->at($at, 0, $layers, $backdrop), $style) as $behind) {
                    foreach ($worst as $ink => $least) {
                        $worst[$ink] = min($least, $behind?->contrastWith(Colour::hex($ink)) ?? INF);
                    }
                }
            }
        }

        return $worst[$inks->dark] > $worst[$inks->light] ? $inks->dark : $inks->light;
    }

    /**
     * What is behind words that may have a plate of their own.
     *
     * @param list<Colour|null> $below
     *
     * @return list<Colour|null>
     */
    private function behind(array $below, TextStyle $style): array
    {
        $plate = $style->plate;

        return $plate === null ? $below : array_merge([], ...array_map(
            fn (?Colour $under): array => $this->plates->colours($plate, $under, $style->size),
            $below,
        ));
    }

    /** @return list<Backdrop> as it begins, and as moves of its colours leave it */
    private function grounds(): array
    {
        $grounds = [$this->piece->backdrop];
        foreach ($this->piece->moves as $move) {
            $change = self::ofColour($move);
            if ($change !== null) {
                $grounds[] = Changed::of($grounds[count($grounds) - 1], $change);
            }
        }

        return $grounds;
    }

    /** @return array<string, string>|null */
    private static function ofColour(Move $move): ?array
    {
        $change = $move->change;
        $isOfBackdrop = $move->chart === null && $move->figure === null && $move->thing() === null;

        return $isOfBackdrop && $change !== null && in_array($change->property, self::COLOURS, true)
            ? [$change->property => (string) $change->to]
            : null;
    }
}
