<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Legibility\Distortion;
use Lupine\Core\Legibility\Legibility;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Story\ChartState;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\NumberText;
use Lupine\Core\Words\TextSetter;

/**
 * The measured comparison of the picture with the figures, on every frame, and what stands in the way of reading it.
 */
final readonly class Proof
{
    /** A mark may be off by a millionth of the whole: outlines are written to a millionth of a pixel. */
    public const TOLERANCE = 1e-6;

    /**
     * @param list<FigureProof> $figures
     * @param list<Check> $agreements readings and shares, against the marks
     * @param list<Check> $looks what stands in the way of reading it
     * @param array<string, array{float, float, float, float}> $extents what the marks of each chart lie in, by chart id
     * @param array<string, Distortion> $distortions of solid charts, by chart id
     */
    private function __construct(
        public array $figures,
        private array $agreements,
        private array $looks,
        public int $frames,
        public array $extents,
        public array $distortions,
        /** what was looked at, and what was not */
        public string $extent,
    ) {
    }

    /**
     * @param Reel $reel of the whole piece
     * @param array<string, ChartTiming> $timings what the figures want on which frame, by chart id
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public static function of(
        Piece $piece,
        Reel $reel,
        array $timings,
        TextSetter $setter,
        ?\Closure $meanwhile = null,
    ): self {
        $shown = ShownReel::read($reel);
        $figures = [];
        foreach ($shown->marks as $mark) {
            $meanwhile?->__invoke();
            $figures[] = self::measure(
                $mark,
                $timings[$mark->chart],
                FrameRange::within($piece->stage->frames),
            );
        }
        $checks = [
            self::readingsAgree($shown, $timings),
            ...array_map(self::sharesAddUp(...), array_values($timings)),
        ];
        $legibility = new Legibility($piece, $reel, $timings, $setter, $meanwhile);
        $looks = $legibility->checks();

        $extents = array_map(static function (ChartTiming $timing): array {
            $extent = $timing->layouts->at(0)->extent();

            return [$extent->left, $extent->top, $extent->width, $extent->height];
        }, $timings);

        $distortions = [];
        foreach ($figures as $figure) {
            // Where the first of its marks is there in full.
            $distortions[$figure->chartId] ??= Distortion::of(
                $figure->chartId,
                $timings[$figure->chartId],
                $figure->fullFrame,
            );
        }

        return new self(
            $figures,
            $checks,
            $looks,
            $piece->stage->frames,
            $extents,
            array_filter($distortions, static fn (?Distortion $one): bool => $one !== null),
            self::extent($piece, ...$legibility->extent()),
        );
    }

    /**
     * @param int $frames on which words were looked at
     * @param bool $isWhole whether those are all on which anything of them changes
     */
    private static function extent(Piece $piece, int $frames, bool $isWhole): string
    {
        $stage = $piece->stage;

        return sprintf(
            'Marks and readings were measured on every frame of %d × %d; words were looked at on %s. %sContrast '
            .'counts backdrop, panels, fills and patterns behind words; what textures, clouds, glows and shadows make '
            .'of them, and how a camera frames them, is not judged.',
            $stage->width,
            $stage->height,
            $isWhole
                ? sprintf('the %d frames on which anything changes', $frames)
                : sprintf('%d of the frames on which anything changes', $frames),
            count($piece->shapes) > 0 ? 'Other shapes of the piece are measured by themselves. ' : '',
        );
    }

    /** @return list<Check> */
    public function checks(): array
    {
        return [...$this->agreements, ...$this->looks];
    }

    public function isExact(): bool
    {
        return $this->largestDifference() <= self::TOLERANCE && $this->agreements[0]->ok;
    }

    public function largestDifference(): float
    {
        return max([
            0.0,
            ...array_map(static fn (FigureProof $figure): float => $figure->difference, $this->figures),
        ]);
    }

    /** What it comes to, in a word or a few. */
    public function word(): string
    {
        $off = array_values(array_filter(
            $this->figures,
            static fn (FigureProof $figure): bool => $figure->difference > self::TOLERANCE,
        ));

        return match (true) {
            count($off) === 1 => '“'.$off[0]->label.'” does not match',
            $off !== [] => count($off).' marks do not match',
            !$this->isExact() => 'a reading does not match',
            default => 'exact',
        };
    }

    /** How many things stand in the way of reading it. */
    public function issues(): int
    {
        return count(array_filter($this->checks(), static fn (Check $check): bool => !$check->ok));
    }

    private static function measure(ShownMark $mark, ChartTiming $timing, FrameRange $range): FigureProof
    {
        $figure = $timing->figure($mark->figure);
        $moves = $timing->moves[$figure->id];
        $largest = 0.0;
        $full = $worst = 0;
        // Where the picture changes, and where it should.
        $frames = array_fill_keys([0, ...$mark->frames(), ...$timing->story->changes($range)], true);
        foreach ([$moves->entrance, $moves->exit] as $move) {
            $frames += array_fill_keys($move?->changes($range) ?? [], true);
        }
        $most = -1.0;
        foreach ($frames as $frame => $there) {
            $amount = $moves->amountAt($frame);
            if ($amount > $most || ($amount === $most && $frame < $full)) {
                [$most, $full] = [$amount, $frame];
            }
            $measured = $mark->measuredAt($frame);
            $wanted = $timing->amounts->wantedAt($figure->id, $frame);
            $difference = max(abs($measured->share - $wanted), $measured->ownDifference());
            if ($difference > $largest) {
                [$largest, $worst] = [$difference, $frame];
            }
        }
        // One that is off is shown where it is most so.
        $at = $largest > self::TOLERANCE ? $worst : $full;
        $there = $mark->measuredAt($at);

        return new FigureProof(
            $mark->chart,
            $figure->id,
            $figure->fullLabel(),
            Decimal::of($figure->value(), 9),
            $timing->colours[$figure->id],
            $timing->amounts->wantedAt($figure->id, $at),
            $there->share,
            $there->areaShare,
            $largest,
            $at,
            $full,
            $mark->outlineAt($at),
            $there->beside,
            $mark->measureText($at),
        );
    }

    /**
     * Every reading as it is set on the stage, against the outline of its mark on the same frame.
     *
     * @param array<string, ChartTiming> $timings
     */
    private static function readingsAgree(ShownReel $shown, array $timings): Check
    {
        $marks = [];
        foreach ($shown->marks as $mark) {
            $marks[$mark->chart.'/'.$mark->figure] = $mark;
        }
        $count = 0;
        foreach ($shown->texts as $text) {
            $mark = $marks[$text->group.'/'.$text->readingOf] ?? null;
            if ($mark === null) {
                continue;
            }
            ++$count;
            $timing = $timings[$mark->chart];
            $figure = $timing->figure($mark->figure);
            foreach ($text->texts as $frame => $said) {
                [$drawn, $whole] = $timing->amounts->readOff($mark->figure, $frame, $mark->measuredAt($frame)->share);
                $reading = $timing->story->states[$timing->story->stateIndexAt($frame)]->readings->of($mark->figure);
                $number = self::number($said, $timing, $mark->figure, $frame);
                // Half of the last digit for rounding; where shares are made to add up, the last digit itself may move.
                // And as much of the whole as a mark may be off.
                $digit = 10 ** -$timing->story->decimalsAt($mark->figure, $frame);
                $slack = ($reading->isOfShare() ? 1.0 : 0.5) * $digit + self::TOLERANCE * $whole;
                if ($number === null || abs($number - $drawn) > $slack) {
                    return Check::wrong(sprintf(
                        'On frame %d the reading of “%s” shows %s, but its mark measures %s.',
                        $frame,
                        $figure->label,
                        $said,
                        number_format($drawn, $reading->decimals()),
                    ));
                }
            }
        }

        return Check::right($count === 0 ? 'No readings are shown.' : 'Readings and marks agree on every frame.');
    }

    /** The number that a reading shows, read from its text. */
    private static function number(string $text, ChartTiming $timing, string $figureId, int $frame): ?float
    {
        $reading = $timing->story->states[$timing->story->stateIndexAt($frame)]->readings->of($figureId);
        for ($amount = 0; $amount <= 1; ++$amount) {
            if ($text === $reading->at((float) $amount)) {
                return $reading->number((float) $amount);
            }
        }
        $bare = $reading->bare($text);
        $digits = preg_replace('/[^\d]/', '', $bare);
        $decimals = $timing->story->decimalsAt($figureId, $frame);
        $sign = str_starts_with($bare, NumberText::MINUS) ? -1 : 1;

        return $digits === '' || $digits === null ? null : $sign * (float) $digits / 10 ** $decimals;
    }

    private static function sharesAddUp(ChartTiming $timing): Check
    {
        if ($timing->isOnScale) {
            $scale = $timing->story->states[0]->scale;
            $over = array_filter(
                $timing->story->states,
                static fn (ChartState $state): bool => max(0.0, ...$state->figures->values()) >
                    $state->scale->most,
            );

            return $over === []
                ? Check::right(sprintf('All figures fit one scale, up to %s.', self::short($scale->most)))
                : Check::wrong(sprintf(
                    'A figure is larger than the scale maximum, %s.',
                    self::short($scale->most),
                ));
        }
        $shown = $timing->figures()->shownPercentages($timing->story->states[0]->readings->shareDecimals());
        $sum = array_sum(array_map(static fn ($percent): float => $percent->toFloat(), $shown));
        $decimals = $timing->story->states[0]->readings->shareDecimals();
        $text = rtrim(rtrim(number_format($sum, $decimals, '.', ''), '0'), '.');
        if (count($shown) === 1) {
            return Check::right(sprintf('One part is shown: %s %%.', $text));
        }
        if (abs($sum - 100) < 1e-9) {
            return Check::right('The shares shown add up to 100.');
        }

        return Check::wrong(sprintf(
            'The shares shown add up to %s. To show the remainder, add a “rest” row.',
            $text === '' ? '0' : $text,
        ));
    }

    private static function short(float $number): string
    {
        return rtrim(rtrim(number_format($number, 4), '0'), '.');
    }
}
