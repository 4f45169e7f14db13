<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * The power of 256 frequencies in a window of 512 real samples, by the fast Fourier transform (Cooley and Tukey 1965):
 * even samples are taken as real, odd ones as imaginary parts of 256 complex numbers, and the result is taken apart.
 */
final class PowerSpectrum
{
    public const SIZE = 512;

    private const HALF = 256;

    /** @var list<int> where each complex number goes, its index written backwards in bits */
    private array $order = [];

    /** @var list<float> */
    private array $cosines = [];

    /** @var list<float> */
    private array $sines = [];

    public function __construct()
    {
        for ($index = 0; $index < self::HALF; ++$index) {
            $this->order[] = (int) bindec(strrev(sprintf('%08b', $index)));
            $this->cosines[] = cos((2 * M_PI * $index) / self::SIZE);
            $this->sines[] = sin((2 * M_PI * $index) / self::SIZE);
        }
    }

    /**
     * @param list<float> $samples 512 of them
     *
     * @return list<float> the squared magnitude of the frequencies 0 to 255 of 512
     */
    public function of(array $samples): array
    {
        $cosines = $this->cosines;
        $sines = $this->sines;
        $real = [];
        $imaginary = [];
        foreach ($this->order as $from) {
            $real[] = $samples[2 * $from];
            $imaginary[] = $samples[2 * $from + 1];
        }
        for ($half = 1; $half < self::HALF; $half *= 2) {
            $turn = intdiv(self::HALF, $half);
            for ($group = 0; $group < $half; ++$group) {
                $cosine = $cosines[$group * $turn];
                $sine = $sines[$group * $turn];
                for ($near = $group; $near < self::HALF; $near += 2 * $half) {
                    $far = $near + $half;
                    $x = $real[$far] * $cosine + $imaginary[$far] * $sine;
                    $y = $imaginary[$far] * $cosine - $real[$far] * $sine;
                    $real[$far] = $real[$near] - $x;
                    $imaginary[$far] = $imaginary[$near] - $y;
                    $real[$near] += $x;
                    $imaginary[$near] += $y;
                }
            }
        }
        $first = $real[0] + $imaginary[0];
        $power = [$first * $first];
        for ($index = 1; $index < self::HALF; ++$index) {
            $mirrored = self::HALF - $index;
            $evenReal = ($real[$index] + $real[$mirrored]) / 2;
            $evenImaginary = ($imaginary[$index] - $imaginary[$mirrored]) / 2;
            $oddReal = ($imaginary[$index] + $imaginary[$mirrored]) / 2;
            $oddImaginary = ($real[$mirrored] - $real[$index]) / 2;
            $x = $evenReal + $oddReal * $cosines[$index] + $oddImaginary * $sines[$index];
            $y = $evenImaginary + $oddImaginary * $cosines[$index] - $oddReal * $sines[$index];
            $power[] = $x * $x + $y * $y;
        }

        return $power;
    }
}
