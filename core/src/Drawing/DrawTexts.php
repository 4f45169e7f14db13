<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\TextSetter;

/** Titles, other free texts and captions. */
final readonly class DrawTexts
{
    private const LEADING = 1.18;

    public function __construct(private TextSetter $setter)
    {
    }

    public function free(FreeText $words, FigureMoves $moves, FrameRange $range): GroupNode
    {
        $text = $words->upperCase ? mb_strtoupper($words->text) : $words->text;
        $children = $this->block(
            $this->setter->lines($text, $words->style, $words->width),
            $words->style,
            $words->x,
            $words->y,
            $words->align,
        );
        $opacity =
            $moves->entrance === null && $moves->exit === null
                ? null
                : $moves->presence($range)->map(static fn (Presence $presence): float => $presence->amount);

        return new GroupNode($words->id, $children, $opacity);
    }

    public function caption(ScriptLine $line, CaptionSettings $captions, float $middle): GroupNode
    {
        $lines = $this->setter->lines($line->text, $captions->style, $captions->width);
        $top = $captions->y - (count($lines) - 1) * $captions->style->size * self::LEADING;
        $opacity = Track::of(
            [$line->begin, $line->end],
            static fn (int $frame): float => $frame >= $line->begin && $frame < $line->end ? 1.0 : 0.0,
        );

        return new GroupNode(
            'caption-'.$line->id,
            $this->block($lines, $captions->style, $middle, $top, 'middle'),
            $opacity,
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
                    Track::constant($y + $index * $style->size * self::LEADING),
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
