<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * Reads SVG path data as cubic curves. Source: SVG 1.1, “Paths”, with its implementation notes F.6 for arcs.
 *
 * A band runs along one line without lifting the pen: of a path with several parts, it has the first.
 */
final class SvgPath
{
    private const MOST_COMMANDS = 2000;

    /** @var list<non-empty-list<Cubic>> the parts before, where the pen was lifted */
    private array $parts = [];

    /** @var list<Cubic> of the part that is read */
    private array $cubics = [];

    private Point $at;

    private Point $start;

    /** the control point that a smooth command mirrors, and of which kind it is */
    private ?Point $control = null;

    private string $controlOf = '';

    private function __construct()
    {
        $this->at = $this->start = new Point(0, 0);
    }

    /**
     * @return non-empty-list<Cubic> of its first part
     *
     * @throws BadOutline where it cannot be read or has no length
     */
    public static function read(string $data): array
    {
        return self::parts($data)[0];
    }

    /**
     * @return non-empty-list<non-empty-list<Cubic>> its parts, those without a length left out
     *
     * @throws BadOutline where it cannot be read or has no length
     */
    public static function parts(string $data): array
    {
        $path = new self();
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])([^MmLlHhVvCcSsQqTtAaZz]*)/', $data, $commands, PREG_SET_ORDER);
        if (count($commands) > self::MOST_COMMANDS) {
            throw new BadOutline(sprintf('A curve can have up to %d commands.', self::MOST_COMMANDS));
        }
        foreach ($commands as [, $command, $given]) {
            $path->command($command, self::numbers($given, strtoupper($command) === 'A'));
        }
        $path->lift();
        if ($path->parts === []) {
            throw new BadOutline('This is not SVG path data. Write it like M0 0 C40 0 60 80 100 80.');
        }

        return $path->parts;
    }

    /** @return list<float> */
    private static function numbers(string $text, bool $isArc): array
    {
        // The flags of an arc may stand without a space: a10 10 0 01.5.5
        $number = '[-+]?(?:\d++\.?\d*+|\.\d++)(?:[eE][-+]?\d++)?+';
        if ($isArc) {
            $text = (string) preg_replace(
                "/({$number}[\s,]*{$number}[\s,]*{$number})[\s,]*([01])[\s,]*([01])/",
                '$1 $2 $3 ',
                $text,
            );
        }
        preg_match_all("/{$number}/", $text, $found);

        return array_map(floatval(...), $found[0]);
    }

    /** @param list<float> $numbers */
    private function command(string $command, array $numbers): void
    {
        $kind = strtoupper($command);
        $isRelative = $kind !== $command;
        if ($kind === 'Z') {
            $this->line($this->start);

            return;
        }
        $size = match ($kind) {
            'H', 'V' => 1,
            'M', 'L', 'T' => 2,
            'S', 'Q' => 4,
            'C' => 6,
            default => 7,
        };
        foreach (array_chunk($numbers, $size) as $index => $part) {
            if (count($part) < $size) {
                throw new BadOutline(sprintf('“%s” in the path data has too few numbers.', $command));
            }
            $this->piece($kind === 'M' && $index > 0 ? 'L' : $kind, $part, $isRelative);
        }
    }

    /** @param non-empty-list<float> $part */
    private function piece(string $kind, array $part, bool $isRelative): void
    {
        $base = $isRelative ? $this->at : new Point(0, 0);
        $point = static fn (int $place): Point => new Point(
            $base->x + ($part[$place] ?? 0.0),
            $base->y + ($part[$place + 1] ?? 0.0),
        );
        match ($kind) {
            'M' => $this->move($point(0)),
            'L' => $this->line($point(0)),
            'H' => $this->line(new Point($base->x + $part[0], $this->at->y)),
            'V' => $this->line(new Point($this->at->x, $base->y + $part[0])),
            'C' => $this->cubic($point(0), $point(2), $point(4)),
            'S' => $this->cubic($this->mirrored('C'), $point(0), $point(2)),
            'Q' => $this->quadratic($point(0), $point(2)),
            'T' => $this->quadratic($this->mirrored('Q'), $point(0)),
            default => $this->arc($part, $point(5)),
        };
    }

    private function move(Point $to): void
    {
        $this->lift();
        $this->at = $this->start = $to;
        $this->controlOf = '';
    }

    private function lift(): void
    {
        if ($this->cubics !== []) {
            $this->parts[] = $this->cubics;
            $this->cubics = [];
        }
    }

    private function line(Point $to): void
    {
        if ($to->distanceTo($this->at) > 1e-9) {
            $this->cubics[] = Cubic::line($this->at, $to);
        }
        $this->at = $to;
        $this->controlOf = '';
    }

    private function cubic(Point $first, Point $second, Point $to): void
    {
        $this->add(new Cubic($this->at, $first, $second, $to));
        [$this->control, $this->controlOf] = [$second, 'C'];
    }

    private function quadratic(Point $control, Point $to): void
    {
        $towards = static fn (Point $end): Point => new Point(
            $end->x + (($control->x - $end->x) * 2) / 3,
            $end->y + (($control->y - $end->y) * 2) / 3,
        );
        $this->add(new Cubic($this->at, $towards($this->at), $towards($to), $to));
        [$this->control, $this->controlOf] = [$control, 'Q'];
    }

    private function add(Cubic $cubic): void
    {
        if ($cubic->length() > 1e-9) {
            $this->cubics[] = $cubic;
        }
        $this->at = $cubic->to;
    }

    private function mirrored(string $kind): Point
    {
        return $this->controlOf === $kind && $this->control !== null
            ? new Point(2 * $this->at->x - $this->control->x, 2 * $this->at->y - $this->control->y)
            : $this->at;
    }

    /**
     * An elliptical arc, in pieces of at most 20° with controls at 4⁄3·tan(¼θ).
     *
     * @param list<float> $part radii, turn, flags
     */
    private function arc(array $part, Point $to): void
    {
        [$wide, $high, $turn] = [abs($part[0]), abs($part[1]), deg2rad($part[2])];
        if ($wide < 1e-9 || $high < 1e-9) {
            $this->line($to);

            return;
        }
        [$cos, $sin] = [cos($turn), sin($turn)];
        $dx = ($this->at->x - $to->x) / 2;
        $dy = ($this->at->y - $to->y) / 2;
        // Into the space where the ellipse is a unit circle.
        [$x, $y] = [($cos * $dx + $sin * $dy) / $wide, (-$sin * $dx + $cos * $dy) / $high];
        $grow = max(1.0, hypot($x, $y));
        [$wide, $high, $x, $y] = [$wide * $grow, $high * $grow, $x / $grow, $y / $grow];
        $square = max(1e-18, $x ** 2 + $y ** 2);
        $factor = sqrt(max(0.0, 1 / $square - 1)) * ($part[3] === $part[4] ? -1 : 1);
        [$centreX, $centreY] = [$factor * $y, -$factor * $x];
        $from = atan2($y - $centreY, $x - $centreX);
        $sweep = atan2(-$y - $centreY, -$x - $centreX) - $from;
        if ($part[4] > 0 && $sweep < 0) {
            $sweep += 2 * M_PI;
        } elseif ($part[4] <= 0 && $sweep > 0) {
            $sweep -= 2 * M_PI;
        }
        $middle = new Point(($this->at->x + $to->x) / 2, ($this->at->y + $to->y) / 2);
        $back = static fn (float $x, float $y): Point => new Point(
            $middle->x + $cos * $wide * ($x + $centreX) - $sin * $high * ($y + $centreY),
            $middle->y + $sin * $wide * ($x + $centreX) + $cos * $high * ($y + $centreY),
        );
        $pieces = max(1, (int) ceil(abs($sweep) / (M_PI / 9) - 1e-9));
        $step = $sweep / $pieces;
        $reach = (4 / 3) * tan($step / 4);
        for ($piece = 0; $piece < $pieces; ++$piece) {
            [$a, $b] = [$from + $step * $piece, $from + $step * ($piece + 1)];
            $this->add(
                new Cubic(
                    $this->at,
                    $back(cos($a) - $reach * sin($a), sin($a) + $reach * cos($a)),
                    $back(cos($b) + $reach * sin($b), sin($b) - $reach * cos($b)),
                    $piece === $pieces - 1 ? $to : $back(cos($b), sin($b)),
                ),
            );
        }
        $this->controlOf = '';
    }
}
