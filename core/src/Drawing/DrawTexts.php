<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\LetterOutlines;
use Lupine\Core\Lettering\PlateGround;
use Lupine\Core\Motion\Clock;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Manner;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedEmphasis;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\PlateSettings;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\StyleOverTime;
use Lupine\Core\Words\Run;
use Lupine\Core\Words\TextSetter;

/** Titles, other free texts and captions. */
final readonly class DrawTexts
{
    public DrawCoats $coats;

    public PlateGround $plates;

    private DrawLetters $letters;

    /** @param array<string, Picture> $pictures that fills can have, by id */
    public function __construct(
        public TextSetter $setter,
        Loops $loops,
        private FrameRange $range,
        public Box $stage,
        array $pictures,
        LetterOutlines $outlines,
    ) {
        $this->coats = new DrawCoats($loops, $range, $pictures);
        $this->plates = new PlateGround($pictures);
        $this->letters = new DrawLetters($this->coats, $stage, $outlines);
    }

    /**
     * @param (\Closure(KeyedNumber $x, KeyedNumber $y): (Node|null))|null $pointer the line to the mark that it
     *                                                                              points at
     * @param Track<string>|null $text what it says, where that follows a table; null: its own text
     * @param TextStyle|null $style how it is set, where that is not its own
     */
    public function free(
        FreeText $words,
        Moves $moves,
        FrameRange $range,
        ?\Closure $pointer = null,
        ?Track $text = null,
        ?TextStyle $style = null,
    ): GroupNode {
        $style ??= $words->style;
        $lines = $this->setter->lines($words->shown(), $style, $words->width);
        $styles = StyleOverTime::of($words->id, $style, $moves)->track($this->range);
        $children = $this->letters->on(
            $text === null
                ? $this->texts($lines, $style, $words->x, $words->y, $words->align)
                : $this->changing($text, $words, $style),
            $styles,
            $words->id,
            $words->arc,
        );
        $box = Track::constant($this->box($lines, $style, $words->x, $words->y, $words->align));
        $children = [...$this->plate($styles, $box, $words->id), ...$children];
        $comes = $moves->ofThing($words->id);
        $manner = Manner::of($comes);
        $drift = $moves->drift($words->drift);
        $number = static function (string $property, float $first) use ($manner, $moves, $words, $drift): KeyedNumber {
            $number = $manner->on($property, $moves->number($property, $first, null, null, $words->id));

            return $drift?->on($property, $number) ?? $number;
        };
        $numbers = [
            'x' => $number('x', $words->x),
            'y' => $number('y', $words->y),
            'size' => $number('size', 1.0),
            'turn' => $number('turn', 0.0),
        ];
        // Words scale and turn about their own middle, wherever they are aligned.
        $middle = new Point(
            $words->x + match ($words->align) {
                'left' => $words->width / 2,
                'right' => -$words->width / 2,
                default => 0.0,
            },
            $words->y + (count($lines) - 1) * $style->step() / 2 - $this->setter->capHeight($style) / 2,
        );

        $opacity = $this->opacity($comes->presence($range), $number('opacity', 1.0), $range);
        $opacity = $this->withEmphases($opacity, $moves->emphasesWithNote($words->id), $range);
        $pose = Pose::of($middle, $numbers, $range, new Point($words->x, $words->y));
        $clip = $text === null ? (new WrittenOn($this->setter, $words, $lines))->clip($comes, $range) : null;
        // Letter by letter is one letter more from one frame to the next.
        $children = $clip === null ? $children : [new GroupNode(Role::Written, $children, clip: $clip->held())];
        $line = $pointer === null ? null : $pointer($numbers['x'], $numbers['y']);

        return $line === null
            ? new GroupNode(Role::Words, $children, $opacity, $pose, of: $words->id)
            : new GroupNode(
                Role::Words,
                [$line, new GroupNode(Role::Text, $children, null, $pose)],
                $opacity,
                of: $words->id,
            );
    }

    /**
     * A text that follows a table: as many lines as it ever has.
     *
     * @param Track<string> $text
     *
     * @return list<TextNode>
     */
    private function changing(Track $text, FreeText $words, TextStyle $style): array
    {
        $lines = $text->map(
            fn (string $now): array => $this->setter->lines($now, $style, $words->width),
        );
        $most = max(array_map(static fn (int $change): int => count($lines->atChange($change)), $lines->changes));
        $nodes = [];
        for ($line = 0; $line < $most; ++$line) {
            $nodes[] = new TextNode(
                $lines->map(fn (array $now) => $this->setter->run($now[$line] ?? '', $style, true)),
                Track::constant($words->x),
                Track::constant($words->y + $line * $style->step()),
                $this->setter->scale($style),
                $words->align,
                $style->colour,
            );
        }

        return $nodes;
    }

    /**
     * @param Track<Presence> $presence
     *
     * @return Track<float>|null null where all of it is always there
     */
    private function opacity(Track $presence, KeyedNumber $opacity, FrameRange $range): ?Track
    {
        if ($opacity->isStill()) {
            return $presence->isConstant() && $presence->at($range->from)->amount >= 1.0
                ? null
                : $presence->map(static fn (Presence $presence): float => $presence->amount);
        }
        $track = $opacity->track($range);

        return Track::of(
            [...$presence->changes, ...$track->changes],
            static fn (int $frame): float => $presence->at($frame)->amount * $track->at($frame),
        );
    }

    /**
     * A note that appears with emphases is there as much as they are.
     *
     * @param Track<float>|null $opacity null where all of it is always there
     * @param list<TimedEmphasis> $emphases
     *
     * @return Track<float>|null
     */
    private function withEmphases(?Track $opacity, array $emphases, FrameRange $range): ?Track
    {
        if ($emphases === []) {
            return $opacity;
        }
        $frames = [$range->from, ...$opacity->changes ?? []];
        foreach ($emphases as $emphasis) {
            array_push($frames, ...$emphasis->changes($range));
        }

        return Track::of($frames, static fn (int $frame): float => round(($opacity?->at($frame) ?? 1.0) * max(
            array_map(static fn (TimedEmphasis $one): float => $one->at($frame), $emphases),
        ), 4));
    }

    /** @param Track<TextStyle> $styles how captions are set over time */
    public function caption(
        ScriptLine $line,
        CaptionSettings $captions,
        Track $styles,
        float $middle,
        Clock $clock,
    ): GroupNode {
        [$begin, $end] = [$clock->of($line->begin), $clock->of($line->end)];
        $lines = $this->setter->lines($line->text, $captions->style, $captions->width);
        $top = $captions->y - (count($lines) - 1) * $captions->style->step();
        // It begins on its frame, and has gone before the one after its last.
        $fading = min($captions->fade, intdiv($line->end - $line->begin, 2));
        [$come, $goes] = [$clock->of($line->begin + $fading), $clock->of($line->end - $fading - 1)];
        $changes = $fading === 0 ? [$begin, $end] : [...range($begin, $come), ...range($goes, $end)];
        $opacity = Track::of($changes, static fn (int $moment): float => match (true) {
            $moment < $begin || $moment >= $end => 0.0,
            default => round(max(0.0, min(
                1.0,
                ($clock->at($moment) - $line->begin + 1) / ($fading + 1),
                ($line->end - $clock->at($moment)) / ($fading + 1),
            )), 4),
        });

        return new GroupNode(
            Role::Caption,
            $this->block($lines, $styles->within($begin, $end), match ($captions->align) {
                'left' => $middle - $captions->width / 2,
                'right' => $middle + $captions->width / 2,
                default => $middle,
            }, $top, $captions->align, $line->id),
            $opacity,
            of: $line->id,
        );
    }

    /**
     * Lines one below the other, with their coats and their plate.
     *
     * @param list<string> $lines
     * @param Track<TextStyle> $styles
     *
     * @return list<Node>
     */
    private function block(array $lines, Track $styles, float $x, float $y, string $align, string $of): array
    {
        $style = $styles->first();
        $box = Track::constant($this->box($lines, $style, $x, $y, $align));

        return [
            ...$lines === [] ? [] : $this->plate($styles, $box, $of),
            ...$this->letters->on($this->texts($lines, $style, $x, $y, $align), $styles, $of),
        ];
    }

    /**
     * A plate behind words that stand in a box.
     *
     * @param Track<TextStyle> $styles
     * @param Track<Box> $box
     *
     * @return list<Node>
     */
    public function plate(Track $styles, Track $box, string $of): array
    {
        $first = $styles->first();
        $plate = $first->plate;

        return $plate === null ? [] : [$this->letters->plate(
            $styles->map(static fn (TextStyle $now): PlateSettings => $now->plate ?? $plate),
            $first->size,
            $box,
            $of,
        )];
    }

    /**
     * @param list<string> $lines
     *
     * @return list<TextNode>
     */
    private function texts(array $lines, TextStyle $style, float $x, float $y, string $align): array
    {
        $nodes = [];
        foreach ($lines as $index => $line) {
            if (trim($line) !== '') {
                $nodes[] = new TextNode(
                    Track::constant($this->setter->run($line, $style)),
                    Track::constant($x),
                    Track::constant($y + $index * $style->step()),
                    $this->setter->scale($style),
                    $align,
                    $style->colour,
                );
            }
        }

        return $nodes;
    }

    /**
     * What lines take: from the top of the first capitals to a little below the last baseline.
     *
     * @param list<string> $lines
     */
    private function box(array $lines, TextStyle $style, float $x, float $y, string $align): Box
    {
        $width = max(0.0, ...array_map(fn (string $line): float => $this->setter->width($line, $style), $lines));
        $cap = $this->setter->capHeight($style);

        return new Box(
            $x - $width * match ($align) {
                'left' => 0.0,
                'right' => 1.0,
                default => 0.5,
            },
            $y - $cap,
            $width,
            $cap + (count($lines) - 1) * $style->step(),
        );
    }

    /**
     * One line, with its coats.
     *
     * @param Track<TextStyle> $styles
     * @param Track<float> $x
     * @param Track<float> $y
     */
    public function line(string $text, Track $styles, Track $x, Track $y, string $align, string $of = ''): Node
    {
        $run = $this->setter->run($text, $styles->first());

        return $this->run(Track::constant($run), $styles, $x, $y, $align, $of);
    }

    /**
     * A line that changes.
     *
     * @param Track<Run> $run
     * @param Track<TextStyle> $styles
     * @param Track<float> $x
     * @param Track<float> $y
     */
    public function run(Track $run, Track $styles, Track $x, Track $y, string $align, string $of): Node
    {
        $style = $styles->first();
        $text = new TextNode($run, $x, $y, $this->setter->scale($style), $align, $style->colour);

        return $this->letters->on([$text], $styles, $of)[0];
    }

    /**
     * A text that counts.
     *
     * @param Track<string> $text
     * @param Track<TextStyle> $styles
     * @param Track<float> $x
     * @param Track<float> $y
     */
    public function reading(
        Track $text,
        Track $styles,
        Track $x,
        Track $y,
        string $align,
        string $readingOf,
    ): Node {
        $style = $styles->first();
        $run = $text->map(fn (string $text) => $this->setter->run($text, $style, true));
        $node = new TextNode($run, $x, $y, $this->setter->scale($style), $align, $style->colour, $readingOf);

        return $this->letters->on([$node], $styles, $readingOf)[0];
    }
}
