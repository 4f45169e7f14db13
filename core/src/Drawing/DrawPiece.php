<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Form\Forms;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\BackdropGround;
use Lupine\Core\Lettering\GlyphArcs;
use Lupine\Core\Lettering\KeptGlyphs;
use Lupine\Core\Lettering\LetterOutlines;
use Lupine\Core\Lettering\PartInk;
use Lupine\Core\Lettering\PlateGround;
use Lupine\Core\Lettering\StageBoxes;
use Lupine\Core\Motion\Clock;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ShutterSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Script\Beats;
use Lupine\Core\Story\BackdropOverTime;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Story\PanelOverTime;
use Lupine\Core\Story\StyleOverTime;
use Lupine\Core\Story\Timings;
use Lupine\Core\Words\FontBook;
use Lupine\Core\Words\TextSetter;

/** Piece in, drawing out: figures, form, motion, finish and words in one pure computation. */
final readonly class DrawPiece
{
    public TextSetter $setter;

    public Timings $timings;

    private LetterOutlines $letters;

    public function __construct(FontBook $fonts, public Forms $forms, ?KeptGlyphs $glyphs = null)
    {
        $this->letters = new LetterOutlines(new GlyphArcs($glyphs));
        $this->setter = new TextSetter($fonts);
        $this->timings = new Timings($forms);
    }

    /**
     * @param int|null $from the first frame that is wanted, 0 if not given
     * @param int|null $to the last frame that is wanted, the last of the piece if not given
     * @param ShutterSettings|null $shutter what moves is drawn at so many moments of each frame; null: on frames alone
     *
     * @throws ImpossibleFigures where a chart cannot be drawn from its table
     */
    public function draw(Piece $piece, ?int $from = null, ?int $to = null, ?ShutterSettings $shutter = null): Drawing
    {
        $clock = $shutter === null ? new Clock() : Clock::ofShutter($shutter->angle, $shutter->samples);
        $frames = FrameRange::within($piece->stage->frames, $from, $to);
        $range = $clock->range($frames);
        $moves = new Moves($piece, new Beats($piece), $clock);
        $timings = $shutter === null ? $this->timings->of($piece, $moves) : $this->timings->along($piece, $moves);
        $loops = Loops::of($piece->stage, $clock);
        $stage = new Box(0, 0, $piece->stage->width, $piece->stage->height);
        $pictures = array_column($piece->pictures, null, 'id');
        $texts = new DrawTexts($this->setter, $loops, $range, $stage, $pictures, $this->letters);
        $charts = new DrawChart($texts, $range);
        $panels = self::panels($piece, $moves, new DrawPanels($texts->coats, $range, $stage), $shutter);
        $boxes = new StageBoxes($piece, $timings, $this->setter);
        $before = $panels['back'];
        foreach (array_filter($piece->charts, static fn (Chart $chart): bool => !$chart->isHidden) as $chart) {
            $drawn = $charts->draw($chart, $timings[$chart->id], $boxes->ground($chart));
            $before[] = $shutter?->takesCharts === false ? $drawn->held() : $drawn;
        }
        array_push($before, ...$panels['between']);
        foreach (array_filter($piece->words, static fn (FreeText $words): bool => !$words->isHidden) as $words) {
            $pointer = $this->pointer($piece, $words, $timings, $boxes, $range);
            $drawn = $texts->free(
                $words,
                $moves,
                $range,
                $pointer,
                self::following($piece, $words, $timings, $range),
                self::style($piece, $words, $timings),
            );
            $before[] = $shutter?->takesWords === false ? $drawn->held() : $drawn;
        }
        array_push($before, ...$panels['front']);
        $pose = (new Camera($piece, $moves, $timings))->pose($range);
        $backdrop = (new DrawBackdrop($piece->stage->width, $piece->stage->height, $range, $pictures))->nodes(
            BackdropOverTime::of($piece, $moves),
            $piece->backdrop,
        );
        $pose = $shutter?->takesCamera === false ? $pose?->held() : $pose;
        $nodes = self::taken($piece, $pose, $backdrop, $before);
        if ($piece->captions !== null) {
            $styles = StyleOverTime::of(Move::CAPTIONS, $piece->captions->style, $moves)->track($range);
            foreach ($piece->narration->captioned() as $line) {
                $nodes[] = $texts->caption($line, $piece->captions, $styles, $piece->stage->width / 2, $clock);
            }
        }

        return new Drawing(
            $piece->stage->width,
            $piece->stage->height,
            $piece->stage->rateNumerator,
            $piece->stage->rateDenominator,
            $piece->stage->frames,
            $frames,
            $nodes,
            $timings,
            $clock,
        );
    }

    /**
     * How a text is set: in the colour of the part that it points at, where it is to have that.
     *
     * @param array<string, ChartTiming> $timings by chart id
     */
    private static function style(Piece $piece, FreeText $words, array $timings): TextStyle
    {
        $part = $words->pointsAt === null
            ? null
            : $timings[$words->pointsAt->chart]->colours[$words->pointsAt->figure] ?? null;
        if ($part === null) {
            return $words->style;
        }
        $behind = BackdropGround::of($piece)->at($piece->backdrop, new Point($words->x, $words->y));
        $plates = new PlateGround(array_column($piece->pictures, null, 'id'));

        return PartInk::on(
            $words->style,
            $part,
            $plates->behind($words->style->plate, $behind, $words->style->size),
        );
    }

    /** @return array<string, list<Node>> by layer */
    private static function panels(Piece $piece, Moves $moves, DrawPanels $draw, ?ShutterSettings $shutter): array
    {
        $layers = array_fill_keys(array_keys(Panel::LAYERS), []);
        foreach ($piece->panels as $panel) {
            if (!$panel->isHidden) {
                $drawn = $draw->draw(PanelOverTime::of($panel, $moves));
                $layers[$panel->layer][] = $shutter?->takesWords === false ? $drawn->held() : $drawn;
            }
        }

        return $layers;
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return Track<string>|null what a text says whose parts follow a table; null where none does
     */
    private static function following(Piece $piece, FreeText $words, array $timings, FrameRange $range): ?Track
    {
        $chart = $piece->chartOf($words);

        return $chart === null || !BoundText::isBound($words->text)
            ? null
            : (new BoundWords($timings[$chart->id], $chart->words->reading))->track($words->text, $range);
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return (\Closure(KeyedNumber $x, KeyedNumber $y): (Node|null))|null
     */
    private function pointer(
        Piece $piece,
        FreeText $words,
        array $timings,
        StageBoxes $boxes,
        FrameRange $range,
    ): ?\Closure {
        $target = $words->pointsAt;
        foreach ($piece->charts as $chart) {
            if ($target !== null && $chart->id === $target->chart && !$chart->isHidden) {
                return static fn (KeyedNumber $x, KeyedNumber $y): ?Node => (new DrawPointer($range))->draw(
                    $boxes->words($words),
                    new Point($words->x, $words->y),
                    $words->style,
                    $timings[$chart->id],
                    $target->figure,
                    ['x' => $x, 'y' => $y],
                );
            }
        }

        return null;
    }

    /**
     * Everything that the camera takes, and behind it what it does not.
     *
     * @param list<Node> $backdrop
     * @param list<Node> $before the backdrop
     *
     * @return list<Node>
     */
    private static function taken(Piece $piece, ?Pose $pose, array $backdrop, array $before): array
    {
        if ($pose === null) {
            return [...$backdrop, ...$before];
        }

        return $piece->camera->takesBackdrop
            ? [new GroupNode(Role::Camera, [...$backdrop, ...$before], null, $pose)]
            : [...$backdrop, new GroupNode(Role::Camera, $before, null, $pose)];
    }
}
