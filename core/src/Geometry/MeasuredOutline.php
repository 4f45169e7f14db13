<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** An outline read back from its path data, to be measured without asking what drew it. */
final readonly class MeasuredOutline
{
    /** @param list<Segment> $segments */
    private function __construct(public array $segments)
    {
    }

    /**
     * @param string $pathData absolute M, L, A and Z, as marks are written
     *
     * @throws BadOutline
     */
    public static function read(string $pathData): self
    {
        preg_match_all('/([A-DF-Za-df-z])([^A-DF-Za-df-z]*)/', $pathData, $commands, PREG_SET_ORDER);
        $segments = [];
        $at = $start = new Point(0, 0);
        foreach ($commands as [, $command, $rest]) {
            preg_match_all('/-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $rest, $numbers);
            $values = array_map('floatval', $numbers[0]);
            switch ($command) {
                case 'M':
                    $at = $start = new Point($values[0] ?? 0.0, $values[1] ?? 0.0);
                    break;
                case 'L':
                    $to = new Point($values[0] ?? 0.0, $values[1] ?? 0.0);
                    $segments[] = Segment::line($at, $to);
                    $at = $to;
                    break;
                case 'A':
                    $to = new Point($values[5] ?? 0.0, $values[6] ?? 0.0);
                    $segments[] = Segment::arc(
                        $at,
                        $to,
                        $values[0] ?? 0.0,
                        ($values[3] ?? 0.0) > 0,
                        ($values[4] ?? 0.0) > 0,
                    );
                    $at = $to;
                    break;
                case 'Z':
                    if ($at->distanceTo($start) > 1e-9) {
                        $segments[] = Segment::line($at, $start);
                    }
                    $at = $start;
                    break;
                default:
                    throw new BadOutline(sprintf('The path command “%s” cannot be measured.', $command));
            }
        }

        return new self($segments);
    }

    /** Square pixels. */
    public function area(): float
    {
        return abs(array_sum(array_map(static fn (Segment $segment): float => $segment->areaPart(), $this->segments)));
    }

    public function length(): float
    {
        return array_sum(array_map(static fn (Segment $segment): float => $segment->length(), $this->segments));
    }

    /** The largest radius among its arcs; 0 where it has none. */
    public function outerRadius(): float
    {
        return max([0.0, ...array_map(static fn (Segment $segment): float => $segment->radius, $this->segments)]);
    }
}
