<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Inks;
use Lupine\Core\Finish\PatternInk;
use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\LetterOutlines;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\Stop;
use Lupine\Core\Piece\PlateSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Words\Run;

/** Coats on letters, and plates behind them. The texts stay as what is read; their outlines are what is seen. */
final readonly class DrawLetters
{
    /** how wide a line around letters is at least, as a part of their size, to be what they are told from (taste) */
    private const EDGE = 0.03;

    /** how much of a coat is seen at least, to count as a colour of the letters (common practice, no source) */
    private const SEEN = 0.4;

    public function __construct(private DrawCoats $coats, private Box $stage, private LetterOutlines $letters)
    {
    }

    /**
     * @param list<TextNode> $texts of one block
     * @param Track<TextStyle> $styles
     * @param float $radius of the circle that baselines are bent to; 0: straight
     *
     * @return list<Node> the texts alone where nothing is laid on them
     */
    public function on(array $texts, Track $styles, string $of, float $radius = 0.0): array
    {
        $style = $styles->first();
        if ($texts === [] || ($radius === 0.0 && $styles->isConstant() && self::isPlain($style->coats))) {
            return $texts;
        }
        foreach ($texts as $text) {
            if (!$text->x->isConstant() || !$text->y->isConstant()) {
                return array_map(fn (TextNode $one): Node => $this->moving($one, $styles, $of), $texts);
            }
        }
        $outline = $this->outline($texts, $radius);
        $box = $radius === 0.0 ? $this->box($texts) : $outline->map(MeasuredOutline::boxAround(...));
        // Of a colour that changes, both that it begins and that it ends with.
        $last = $styles->atChange(max($styles->changes));
        $inks = array_values(array_unique([...self::inks($style), ...self::inks($last)]));
        $said = array_map(static fn (TextNode $text): TextNode => $text->unpainted(
            $inks,
            self::edge($style),
            self::bent($radius, $text, $texts),
        ), $texts);

        $coats = $this->coats->all($this->coated($outline, $box, $styles, $of));

        return [new GroupNode(Role::Lettered, [...$coats, ...$said], of: $of)];
    }

    /**
     * @param non-empty-list<TextNode> $texts
     *
     * @return Track<string>
     */
    private function outline(array $texts, float $radius): Track
    {
        $outlines = array_map(fn (TextNode $text): Track => $text->run->held()->map(
            fn (Run $run): string => $this->letters->of(
                $run,
                new Point($text->x->first(), $text->y->first()),
                $text->align,
                $text->scale,
                self::bent($radius, $text, $texts),
            ),
        ), $texts);

        return count($outlines) === 1 ? $outlines[0] : Track::combine(
            $outlines,
            static fn (array $all): string => implode('', $all),
        );
    }

    /**
     * The radius of one of several lines, which lie about one centre.
     *
     * @param non-empty-list<TextNode> $texts
     */
    private static function bent(float $radius, TextNode $text, array $texts): float
    {
        return $radius === 0.0 ? 0.0 : LetterOutlines::below($radius, $text->y->first() - $texts[0]->y->first());
    }

    /**
     * What holds them on their straight baselines.
     *
     * @param non-empty-list<TextNode> $texts
     *
     * @return Track<Box>
     */
    private function box(array $texts): Track
    {
        $boxes = array_map(fn (TextNode $text): Track => $text->run->held()->map(
            fn (Run $run): ?Box => $this->letters->box(
                $run,
                new Point($text->x->first(), $text->y->first()),
                $text->align,
                $text->scale,
            ),
        ), $texts);

        return Track::combine($boxes, static function (array $all): Box {
            $seen = array_values(array_filter($all));

            return $seen === [] ? new Box(0, 0, 1, 1) : Box::joined($seen);
        });
    }

    /**
     * A plate behind words.
     *
     * @param Track<PlateSettings> $plates
     * @param Track<Box> $box that they take
     */
    public function plate(Track $plates, float $size, Track $box, string $of): GroupNode
    {
        $around = $box->with($plates, static fn (Box $box, PlateSettings $plate): Box => Box::around(
            $box->middle(),
            $box->width + 2 * $plate->padding * $size,
            $box->height + 2 * $plate->padding * $size,
        ));
        $outline = $around->with($plates, static function (Box $box, PlateSettings $plate) use ($size): string {
            return OutlineBuilder::roundedRectangle(
                $box->left,
                $box->top,
                $box->width,
                $box->height,
                $plate->radius * $size,
            );
        });
        $on = new Coated(
            $of,
            $plates->map(static fn (PlateSettings $plate): string => $plate->colour),
            $outline,
            $around->map(Grain::across(...)),
            $outline,
            $around,
            $this->stage,
            $plates->map(static fn (PlateSettings $plate): Coats => $plate->coats),
        );

        return new GroupNode(Role::Plate, $this->coats->all($on), of: $of);
    }

    /**
     * A text that moves: its outline stays, and a group moves it.
     *
     * @param Track<TextStyle> $styles
     */
    private function moving(TextNode $text, Track $styles, string $of): Node
    {
        [$x, $y] = [$text->x->first(), $text->y->first()];
        $still = $text->at($x, $y);

        return new GroupNode(Role::Lettered, $this->on([$still], $styles, $of), null, new Pose(
            new Point(0, 0),
            $text->x->map(static fn (float $at): float => $at - $x),
            $text->y->map(static fn (float $at): float => $at - $y),
            Track::constant(1.0),
            Track::constant(0.0),
        ), of: $of);
    }

    /**
     * @param Track<string> $outline
     * @param Track<Box> $box
     * @param Track<TextStyle> $styles
     */
    private function coated(Track $outline, Track $box, Track $styles, string $of): Coated
    {
        return new Coated(
            $of,
            $styles->map(static fn (TextStyle $style): string => $style->colour),
            $outline,
            $box->map(self::grain(...)),
            $outline,
            $box,
            $this->stage,
            $styles->map(static fn (TextStyle $style): Coats => $style->coats),
        );
    }

    /** From below upwards. */
    private static function grain(Box $box): Grain
    {
        $middle = $box->middle();

        return Grain::linear(
            new Point($middle->x, $box->bottom()),
            new Point($middle->x, $box->top),
            $middle,
            hypot($box->width, $box->height) / 2,
        );
    }

    private static function isPlain(Coats $coats): bool
    {
        foreach (array_keys(Coats::KINDS) as $kind) {
            if ($coats->seen($coats->of($kind)) !== []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> the colours that letters can have */
    private static function inks(TextStyle $style): array
    {
        $inks = [];
        $coats = $style->coats;
        foreach ([$coats->ground(), ...$coats->fillsAbove()] as $place => $fill) {
            if ($place > 0 && ($fill->opacity < self::SEEN || $fill->blend !== 'normal')) {
                continue;
            }
            $stops = $fill->isGradient() ? $fill->usualStops() : [];
            array_push($inks, ...$stops === [] ? [Inks::on($style->colour, $fill->ink)] : array_map(
                static fn (Stop $stop): string => Inks::on($style->colour, $stop->ink),
                $stops,
            ));
        }
        foreach ($coats->seen($coats->patterns) as $pattern) {
            if ($pattern->opacity >= self::SEEN) {
                $inks[] = PatternInk::on($style->colour, $pattern);
            }
        }

        return array_values(array_unique($inks));
    }

    /** The colour of a line around the letters that they are told from; null where there is none. */
    private static function edge(TextStyle $style): ?string
    {
        foreach ($style->coats->seen($style->coats->lines) as $line) {
            $isAround = $line->place === 'outside' || $line->place === 'centred';
            if ($isAround && $line->opacity >= self::SEEN && $line->width >= self::EDGE * $style->size) {
                return Inks::on($style->colour, $line->ink);
            }
        }

        return null;
    }
}
