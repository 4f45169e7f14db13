<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Solid;
use Lupine\Core\Story\ChartTiming;

/**
 * What is seen of each solid part, top and sides, against what it is of the whole.
 *
 * Source: Tufte, The Visual Display of Quantitative Information, 1983, the lie factor: the size of the effect shown in
 * the picture, divided by the size of the effect in the data. 1 is true.
 */
final readonly class Distortion
{
    /** degrees between turns that are tried first, and then around the best of them */
    private const WIDE = 6;
    private const NARROW = 1;

    /** parts of the whole below which a part is too small to be judged */
    private const NOTHING = 1e-9;

    /**
     * @param array<string, array{true: float, seen: float}> $parts shares of the whole, by figure id
     * @param float $turn degrees at which the form begins
     * @param array<string, float> $outs how far each part is pulled out
     * @param array<string, float> $wanted what each part is of the whole
     */
    private function __construct(
        public string $chartId,
        private ChartTiming $timing,
        private int $frame,
        public array $parts,
        public float $turn,
        private array $outs,
        private array $wanted,
    ) {
    }

    /** Null where a chart is not solid, or nothing of it is there. */
    public static function of(string $chartId, ChartTiming $timing, int $frame): ?self
    {
        $layout = $timing->layouts->at($frame);
        if (!$layout instanceof Solid || !$timing->layouts->settingsAt($frame)->has('startDegrees')) {
            return null;
        }
        $outs = [];
        foreach ($timing->figures()->list as $figure) {
            $outs[$figure->id] = $timing->number($figure->id, 'out')->at($frame);
        }
        $wanted = array_filter(
            array_map(static fn (float $share): float => max(0.0, $share), self::shares($timing, $frame)),
            static fn (float $share): bool => $share > self::NOTHING,
        );
        $parts = self::parts($layout, $outs, $wanted);
        $turn = $timing->layouts->settingsAt($frame)->number('startDegrees');

        return $parts === [] ? null : new self($chartId, $timing, $frame, $parts, $turn, $outs, $wanted);
    }

    /** @return array{float, float} the turn at which the worst of the lie factors is nearest to 1, and that factor */
    public function best(): array
    {
        $at = fn (float $degrees): float => self::worst(self::parts(
            $this->timing->layouts->with($this->frame, ['startDegrees' => $degrees]),
            $this->outs,
            $this->wanted,
        ));
        [$best, $least] = [$this->turn, $this->worstFactor()];
        $tried = range(0, 359, self::WIDE);
        for ($round = 0; $round < 2; ++$round) {
            foreach ($tried as $degrees) {
                $worst = $at((float) $degrees);
                if ($worst < $least - 1e-6) {
                    [$best, $least] = [(float) $degrees, $worst];
                }
            }
            $tried = range((int) $best - self::WIDE + 1, (int) $best + self::WIDE - 1, self::NARROW);
        }

        return [fmod($best + 360, 360), $least];
    }

    /** The lie factor that is farthest from 1, as a number of at least 1. */
    public function worstFactor(): float
    {
        return self::worst($this->parts);
    }

    /** @return list<SeenPart> */
    public function seenParts(): array
    {
        $percent = static fn (float $share): string => number_format($share * 100, 1).' %';
        $seen = [];
        foreach ($this->parts as $id => $part) {
            $seen[] = new SeenPart(
                (string) $id,
                $this->timing->figure((string) $id)->fullLabel(),
                $this->timing->colours[$id],
                $percent($part['true']),
                $percent($part['seen']),
                round($part['seen'] / $part['true'], 4),
            );
        }

        return $seen;
    }

    /** @return array<string, float> */
    private static function shares(ChartTiming $timing, int $frame): array
    {
        $shares = [];
        foreach ($timing->figures()->list as $figure) {
            $shares[$figure->id] = $timing->amounts->fractionAt($figure->id, $frame);
        }

        return $shares;
    }

    /**
     * @param array<string, float> $outs
     * @param array<string, float> $wanted
     *
     * @return array<string, array{true: float, seen: float}> of those that are seen, of what is seen of all
     */
    private static function parts(Layout $layout, array $outs, array $wanted): array
    {
        $seen = $layout instanceof Solid ? array_intersect_key($layout->seen($outs), $wanted) : [];
        $seen = array_filter($seen, static fn (float $area): bool => $area > 0);
        [$all, $whole] = [array_sum($seen), array_sum(array_intersect_key($wanted, $seen))];
        $parts = [];
        foreach ($seen as $id => $area) {
            $parts[$id] = ['true' => $wanted[$id] / $whole, 'seen' => $area / $all];
        }

        return $parts;
    }

    /** @param array<string, array{true: float, seen: float}> $parts */
    private static function worst(array $parts): float
    {
        $worst = 1.0;
        foreach ($parts as $part) {
            $factor = $part['seen'] / $part['true'];
            $worst = max($worst, $factor, 1 / max(1e-9, $factor));
        }

        return $worst;
    }
}
