<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Calendar;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\Wish;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\OwnLabel;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Story\ChartState;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** How large the words at a chart's marks become, whatever its figures are over time; pixels. */
final class WordSizes
{
    /** the size of a label that stands over a reading, as a fraction of it */
    public const OVER = 0.7;

    /** how small a name becomes where its widest word has less room, before it is cut; taste */
    private const NARROWEST = 0.48;

    /** from a mark to words beside it, as a multiple of their size; more where they stand on a plate */
    private const CLEAR = 0.55;
    private const CLEAR_OF_PLATE = 0.95;

    /** how high label and reading are together, in heights of a capital */
    private const BOTH = 2.3;

    private readonly ChartWords $words;

    /** @var array<string, array{float, float}> what has been found, by figure id */
    private array $labels = [];

    private ?bool $areTimes = null;

    public function __construct(
        private readonly Chart $chart,
        private readonly ChartTiming $timing,
        private readonly TextSetter $setter,
    ) {
        $this->words = $chart->words;
    }

    /** reading, label or both; a text of its own stands over the reading */
    public function kind(string $figureId): string
    {
        $kind = $this->words->labels->text;

        return $kind === 'reading' && $this->own($figureId)?->text !== null ? 'both' : $kind;
    }

    public function text(string $figureId): string
    {
        return trim($this->own($figureId)->text ?? $this->timing->figure($figureId)->label);
    }

    /** How the label of a mark is set. */
    public function style(string $figureId): TextStyle
    {
        $own = $this->own($figureId);
        $style = $this->words->labels->style->times($own->size ?? 1.0);

        return $own?->colour === null ? $style : $style->withColour($own->colour);
    }

    /** @return array{float, float} width and height of a label at its mark */
    public function label(string $figureId): array
    {
        return $this->labels[$figureId] ??= $this->measured($figureId);
    }

    /** @return array{float, float} */
    private function measured(string $figureId): array
    {
        $style = $this->style($figureId);
        $kind = $this->kind($figureId);
        $reading = $kind === 'label' ? 0.0 : $this->reading($figureId, $style);
        $label = $kind === 'reading'
            ? 0.0
            : $this->setter->width(
                $this->text($figureId),
                $kind === 'both' ? $style->times(self::OVER) : $style,
            );

        return [max($reading, $label), $this->setter->capHeight($style) * ($kind === 'both' ? self::BOTH : 1.0)];
    }

    /**
     * The label of a mark that looks for a place beside it.
     *
     * @param float $weight of its figure: the larger keeps its place where two cannot
     */
    public function wish(string $figureId, Shape $shape, float $weight): Wish
    {
        [$width, $height] = $this->label($figureId);
        $own = $this->own($figureId);
        $style = $this->style($figureId);
        $plate = 2 * ($style->plate->padding ?? 0.0) * $style->size;

        return new Wish(
            $figureId,
            $shape->beside($this->clear($figureId), $width, $height),
            $width + $plate,
            $height + $plate,
            $shape->rim(),
            $own?->x === null ? null : new Point($own->x, (float) $own->y),
            $weight,
        );
    }

    /** From a mark to the words beside it, in pixels. */
    public function clear(string $figureId): float
    {
        $clear = $this->words->labels->style->plate === null ? self::CLEAR : self::CLEAR_OF_PLATE;

        return $this->style($figureId)->size * $clear;
    }

    public function own(string $figureId): ?OwnLabel
    {
        return $this->chart->own($figureId)->label;
    }

    /** The widest that a reading becomes where its figures stand still. */
    public function reading(string $figureId, TextStyle $style): float
    {
        return $this->setter->scale($style) * $this->setter->measured(
            $this->timing,
            'reading '.$figureId,
            $style,
            fn (): float => max(
                array_map(
                    fn (ChartState $state): float => $this->setter->run(
                        $state->readings->of($figureId)->at(1.0),
                        $style,
                        true,
                    )->width,
                    $this->timing->story->states,
                ),
            ),
        );
    }

    /**
     * How names of months, days or years are written: all of them alike, and where one has less room than it takes,
     * months and days by their first letter, years by their last figures.
     *
     * @return array<string, string>|null by label, as wide as they are; null where they are no times
     */
    private function times(TextStyle $style, float $room): ?array
    {
        $labels = array_map(
            static fn (Figure $figure): string => trim($figure->label),
            $this->timing->figures()->list,
        );
        $this->areTimes ??= Calendar::areTimes($labels);
        if (!$this->areTimes) {
            return null;
        }
        $narrow = $style->times(self::NARROWEST);
        foreach ($labels as $label) {
            if ($this->setter->width($label, $narrow) > $room) {
                return array_combine($labels, array_map(self::short(...), $labels));
            }
        }

        return array_combine($labels, $labels);
    }

    private static function short(string $label): string
    {
        return preg_match('/^\d{4}$/D', $label) === 1 ? '’'.substr($label, 2) : mb_substr($label, 0, 1);
    }

    /**
     * The name of a figure where its mark begins: as many lines as its room needs, and a little smaller where a word is
     * too long for it.
     *
     * @param float|null $room pixels that a line may be wide; null: any
     *
     * @return array{lines: list<string>, style: TextStyle, width: float}
     */
    public function name(Figure $figure, TextStyle $style, ?float $room): array
    {
        // Several series of one row share its name.
        $name = $figure->series === 0 ? trim($figure->label) : '';
        if ($room === null) {
            return ['lines' => [$name], 'style' => $style, 'width' => $this->setter->width($name, $style)];
        }
        $times = $this->times($style, $room);
        $name = $times[$name] ?? $name;
        $widest = 1.0;
        // Times are as large as each other; others as their own words let them be.
        foreach ($times ?? explode(' ', $name) as $word) {
            $widest = max($widest, $this->setter->width($word, $style));
        }
        $style = $style->withSize($style->size * max(self::NARROWEST, min(1.0, $room / $widest)));
        $lines = array_slice($this->setter->lines($name, $style, $room), 0, 3);

        return [
            'lines' => array_map(fn (string $line): string => $this->setter->fitted($line, $style, $room), $lines),
            'style' => $style,
            'width' => min($room, $widest),
        ];
    }
}
