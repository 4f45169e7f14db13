<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Voice;

use Lupine\Core\Voice\Band;
use Lupine\Core\Voice\Cepstra;
use Lupine\Core\Voice\MelBands;
use Lupine\Core\Voice\Pauses;
use Lupine\Core\Voice\PowerSpectrum;
use Lupine\Core\Voice\Sound;
use Lupine\Core\Voice\Warping;
use PHPUnit\Framework\TestCase;

final class FeaturesTest extends TestCase
{
    /** The definition of the discrete Fourier transform, worked out term by term. */
    public function testTheSpectrumIsTheOneOfTheDefinition(): void
    {
        mt_srand(7);
        $samples = array_map(static fn (): float => mt_rand() / mt_getrandmax() - 0.5, range(1, 512));
        $power = (new PowerSpectrum())->of($samples);
        foreach ([0, 1, 2, 17, 100, 128, 255] as $frequency) {
            [$real, $imaginary] = [0.0, 0.0];
            foreach ($samples as $index => $sample) {
                $real += $sample * cos((2 * M_PI * $frequency * $index) / 512);
                $imaginary -= $sample * sin((2 * M_PI * $frequency * $index) / 512);
            }
            self::assertEqualsWithDelta($real ** 2 + $imaginary ** 2, $power[$frequency], 1e-9);
        }
    }

    /** A tone is in the band about it: the middles of 26 bands, evenly spaced in mel from 80 to 7,600 Hz. */
    public function testAToneIsInItsBand(): void
    {
        $mel = static fn (float $hertz): float => 2595 * log10(1 + $hertz / 700);
        foreach ([300.0, 1000.0, 2500.0, 6000.0] as $hertz) {
            $bands = MelBands::of(self::tone($hertz, 4000));
            $window = $bands->window(10);
            $step = ($mel(7600) - $mel(80)) / 27;
            self::assertEqualsWithDelta(
                ($mel($hertz) - $mel(80)) / $step - 1,
                (float) array_search(max($window), $window, true),
                1.0,
            );
        }
    }

    public function testPausesAreWhereNothingIsHeard(): void
    {
        $silence = str_repeat("\0\0", 8000);
        $tone = self::tone(700, 16_000);
        $short = str_repeat("\0\0", 2000);
        $sound = Sound::ofSamples(
            $silence.pack('s*', ...$tone->samples(0, 16_000)).$silence.pack('s*', ...$tone->samples(0, 8000))
            .$short.pack('s*', ...$tone->samples(0, 8000)),
        );
        $pauses = Pauses::in(MelBands::of($sound));
        self::assertCount(2, $pauses->runs, 'half a second is a pause, an eighth is not');
        self::assertEqualsWithDelta(50, $pauses->runs[0][1], 2);
        self::assertEqualsWithDelta(150, $pauses->runs[1][0], 2);
        self::assertEqualsWithDelta(200, $pauses->runs[1][1], 2);
        self::assertSame($pauses->runs[1], $pauses->at(170));
        self::assertNull($pauses->at(220));
    }

    /** Sakoe and Chiba's recursion, worked out without a band and without shortcuts. */
    public function testTheWayIsTheCheapest(): void
    {
        $one = Cepstra::of(...self::heard(self::sweep(9000, 300, 3000)));
        $other = Cepstra::of(...self::heard(self::sweep(14_000, 300, 3000)));
        $warping = Warping::through([$one], $other, Band::whole($one->windows, $other->windows));
        $distance = static function (int $row, int $column) use ($one, $other): float {
            $square = 0.0;
            for ($index = 0; $index < Cepstra::SIZE; ++$index) {
                $square += ($one->values[$row * Cepstra::SIZE + $index]
                    - $other->values[$column * Cepstra::SIZE + $index]) ** 2;
            }

            return sqrt($square);
        };
        $cost = [];
        for ($row = 0; $row < $one->windows; ++$row) {
            for ($column = 0; $column < $other->windows; ++$column) {
                $here = $distance($row, $column);
                $cost[$row][$column] = $row + $column === 0 ? 1.4 * $here : min(
                    ($cost[$row - 1][$column - 1] ?? INF) + 1.4 * $here,
                    ($cost[$row - 1][$column] ?? INF) + $here,
                    ($cost[$row][$column - 1] ?? INF) + $here,
                );
            }
        }
        $sum = 0.0;
        foreach ($warping->rows as $step => $row) {
            $column = $warping->columns[$step];
            $isBoth = $row > ($warping->rows[$step - 1] ?? -1) && $column > ($warping->columns[$step - 1] ?? -1);
            $sum += ($isBoth ? 1.4 : 1.0) * $distance($row, $column);
        }
        self::assertEqualsWithDelta($cost[$one->windows - 1][$other->windows - 1], $sum, 1e-6);
        self::assertSame([0, 0], [$warping->rows[0], $warping->columns[0]]);
        $last = count($warping->rows) - 1;
        self::assertSame([$one->windows - 1, $other->windows - 1], [$warping->rows[$last], $warping->columns[$last]]);
        self::assertSame([Warping::LAID], array_values(array_unique($warping->kinds)), 'without gaps');
    }

    /** @return array{MelBands, Pauses} */
    private static function heard(Sound $sound): array
    {
        $bands = MelBands::of($sound);

        return [$bands, Pauses::in($bands)];
    }

    private static function tone(float $hertz, int $samples): Sound
    {
        return self::sweep($samples, $hertz, $hertz);
    }

    private static function sweep(int $samples, float $from, float $to): Sound
    {
        $phase = 0.0;
        $values = [];
        for ($index = 0; $index < $samples; ++$index) {
            $values[] = (int) round(9000 * sin($phase));
            $phase += (2 * M_PI * ($from + (($to - $from) * $index) / $samples)) / Sound::RATE;
        }

        return Sound::ofSamples(pack('s*', ...$values));
    }
}
