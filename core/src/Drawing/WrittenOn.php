<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\LetterOutlines;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Words\TextSetter;

/** A text that is written letter by letter or word by word: what is seen of it, as an outline that it is cut to. */
final readonly class WrittenOn
{
    /** how far letters reach beyond their line, in sizes of the type */
    private const ABOVE = 1.1;
    private const BELOW = 0.4;
    private const BESIDE = 0.2;

    /** radians from one corner to the next of what is cut along an arc */
    private const STEP = 0.05;

    /** @param list<string> $lines */
    public function __construct(private TextSetter $setter, private FreeText $words, private array $lines)
    {
    }

    /** @return Track<string>|null null where it comes and goes in another way */
    public function clip(FigureMoves $moves, FrameRange $range): ?Track
    {
        $written = array_values(array_filter(
            [$moves->entrance, $moves->exit],
            static fn (?TimedMove $move): bool => $move !== null && in_array($move->manner, TimedMove::WRITTEN, true),
        ));
        if ($written === []) {
            return null;
        }
        $changes = array_merge(...array_map(static fn (TimedMove $move): array => $move->changes($range), $written));

        return Track::of([$range->from, ...$changes], fn (int $frame): string => $this->outline(min(array_map(
            fn (TimedMove $move): int => $this->shown($move, $move === $moves->exit, $frame),
            $written,
        ))));
    }

    /** How many letters are there on a frame. */
    private function shown(TimedMove $move, bool $isExit, int $frame): int
    {
        $come = max(0.0, min(1.0, $move->progressAt($frame)));
        $part = $isExit ? 1.0 - $come : $come;
        $text = implode(' ', $this->lines);
        $all = mb_strlen($text);
        if ($move->manner === 'letters' || $part >= 1.0) {
            return (int) floor($part * $all + 1e-9);
        }
        $words = explode(' ', $text);

        return mb_strlen(implode(' ', array_slice($words, 0, (int) floor($part * count($words) + 1e-9))));
    }

    private function outline(int $letters): string
    {
        $size = $this->words->style->size;
        $outline = '';
        foreach ($this->lines as $index => $line) {
            $here = max(0, min(mb_strlen($line), $letters));
            $letters -= mb_strlen($line) + 1;
            if ($here === 0) {
                continue;
            }
            $all = $this->setter->width($line, $this->words->style);
            $width = $here === mb_strlen($line)
                ? $all + self::BESIDE * $size
                : $this->setter->width(mb_substr($line, 0, $here), $this->words->style);
            $left = $this->words->x - match ($this->words->align) {
                'middle' => $all / 2,
                'right' => $all,
                default => 0.0,
            };
            $beside = self::BESIDE * $size;
            $outline .= $this->setter->run($line, $this->words->style)->isFromRight
                ? $this->around($left + $all - $width, $left + $all + $beside, $index)
                : $this->around($left - $beside, $left + $width, $index);
        }

        return $outline;
    }

    /** What a line takes from one place to another along it, in pixels of the stage as if it were straight. */
    private function around(float $from, float $to, int $line): string
    {
        $size = $this->words->style->size;
        [$above, $below] = [self::ABOVE * $size, self::BELOW * $size];
        $down = $line * $this->words->style->step();
        $y = $this->words->y + $down;
        if ($this->words->arc === 0.0) {
            return self::polygon([
                new Point($from, $y - $above),
                new Point($to, $y - $above),
                new Point($to, $y + $below),
                new Point($from, $y + $below),
            ]);
        }
        $radius = LetterOutlines::below($this->words->arc, $down);
        [$first, $last] = [($from - $this->words->x) / $radius, ($to - $this->words->x) / $radius];
        $steps = max(1, (int) ceil(abs($last - $first) / self::STEP));
        $over = $under = [];
        for ($step = 0; $step <= $steps; ++$step) {
            $turn = $first + (($last - $first) * $step) / $steps;
            foreach ([$above, -$below] as $high) {
                $at = new Point(
                    $this->words->x + ($radius + $high) * sin($turn),
                    $y + $radius - ($radius + $high) * cos($turn),
                );
                $high > 0 ? $over[] = $at : array_unshift($under, $at);
            }
        }

        return self::polygon([...$over, ...$under]);
    }

    /** @param list<Point> $points */
    private static function polygon(array $points): string
    {
        return 'M'.implode('L', array_map(
            static fn (Point $one): string => Decimal::of($one->x, 3).' '.Decimal::of($one->y, 3),
            $points,
        )).'Z';
    }
}
