<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Clock;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Manner;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedEmphasis;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Words\TextBlock;
use Lupine\Core\Words\TextSetter;

/** Titles, other free texts and captions. */
final readonly class DrawTexts
{
    public function __construct(private TextSetter $setter)
    {
    }

    /**
     * @param (\Closure(KeyedNumber $x, KeyedNumber $y): (Node|null))|null $pointer the line to the mark that it
     *                                                                              points at
     * @param Track<string>|null $text what it says, where that follows a table; null: its own text
     */
    public function free(
        FreeText $words,
        Moves $moves,
        FrameRange $range,
        ?\Closure $pointer = null,
        ?Track $text = null,
    ): GroupNode {
        $lines = $this->setter->lines($words->shown(), $words->style, $words->width);
        $children = $text === null
            ? $this->block($lines, $words->style, $words->x, $words->y, $words->align)
            : $this->changing($text, $words);
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
            $words->y + (count($lines) - 1) * $words->style->size * TextBlock::LEADING / 2
                - $this->setter->capHeight($words->style) / 2,
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
    private function changing(Track $text, FreeText $words): array
    {
        $lines = $text->map(
            fn (string $now): array => $this->setter->lines($words->written($now), $words->style, $words->width),
        );
        $most = max(array_map(static fn (int $change): int => count($lines->atChange($change)), $lines->changes));
        $nodes = [];
        for ($line = 0; $line < $most; ++$line) {
            $nodes[] = new TextNode(
                $lines->map(fn (array $now) => $this->setter->run($now[$line] ?? '', $words->style->font, true)),
                Track::constant($words->x),
                Track::constant($words->y + $line * $words->style->size * TextBlock::LEADING),
                $this->setter->scale($words->style),
                $words->align,
                $words->style->colour,
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

    public function caption(ScriptLine $line, CaptionSettings $captions, float $middle, Clock $clock): GroupNode
    {
        [$begin, $end] = [$clock->of($line->begin), $clock->of($line->end)];
        $lines = $this->setter->lines($line->text, $captions->style, $captions->width);
        $top = $captions->y - (count($lines) - 1) * $captions->style->size * TextBlock::LEADING;
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
            $this->block($lines, $captions->style, $middle, $top, 'middle'),
            $opacity,
            of: $line->id,
        );
    }

    /**
     * @param list<string> $lines
     *
     * @return list<TextNode>
     */
    public function block(array $lines, TextStyle $style, float $x, float $y, string $align): array
    {
        $nodes = [];
        foreach ($lines as $index => $line) {
            if (trim($line) !== '') {
                $nodes[] = $this->line(
                    $line,
                    $style,
                    Track::constant($x),
                    Track::constant($y + $index * $style->size * TextBlock::LEADING),
                    $align,
                );
            }
        }

        return $nodes;
    }

    /**
     * @param Track<float> $x
     * @param Track<float> $y
     */
    public function line(string $text, TextStyle $style, Track $x, Track $y, string $align): TextNode
    {
        return new TextNode(
            Track::constant($this->setter->run($text, $style->font)),
            $x,
            $y,
            $this->setter->scale($style),
            $align,
            $style->colour,
        );
    }

    /**
     * A text that counts.
     *
     * @param Track<string> $text
     * @param Track<float> $x
     * @param Track<float> $y
     */
    public function reading(
        Track $text,
        TextStyle $style,
        Track $x,
        Track $y,
        string $align,
        string $readingOf,
    ): TextNode {
        $run = $text->map(fn (string $text) => $this->setter->run($text, $style->font, true));

        return new TextNode($run, $x, $y, $this->setter->scale($style), $align, $style->colour, $readingOf);
    }
}
