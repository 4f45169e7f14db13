<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * The energy of sound in 26 bands that are as wide as the ear hears them, a window of 25 ms every 10 ms.
 *
 * Source: Davis and Mermelstein 1980, “Comparison of parametric representations for monosyllabic word recognition”
 * (triangular bands, evenly spaced in mel); the mel of a frequency is 2595 log10(1 + f / 700) (O’Shaughnessy 1987, from
 * memory).
 */
final readonly class MelBands
{
    public const BANDS = 26;

    /** samples from one window to the next: 10 ms */
    public const STEP = 160;

    /** samples of a window: 25 ms */
    private const WINDOW = 400;

    private const EMPHASIS = 0.97;

    private const LOWEST_HERTZ = 80.0;

    private const HIGHEST_HERTZ = 7600.0;

    /** windows that are kept together; bytes of a number */
    private const BLOCK = 1000;
    private const DOUBLE = 8;

    /** @param list<string> $blocks natural logarithms of the energies, packed: half an hour has five million */
    private function __construct(private array $blocks, public int $windows)
    {
    }

    /** @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1 */
    public static function of(Sound $sound, ?\Closure $progress = null): self
    {
        $spectrum = new PowerSpectrum();
        $hamming = [];
        for ($index = 0; $index < self::WINDOW; ++$index) {
            $hamming[] = 0.54 - 0.46 * cos((2 * M_PI * $index) / (self::WINDOW - 1));
        }
        $bands = self::triangles();
        $rest = array_fill(0, PowerSpectrum::SIZE - self::WINDOW, 0.0);
        $blocks = [];
        $block = '';
        $window = 0;
        for (; $sound->reaches($window * self::STEP); ++$window) {
            $logs = [];
            // A window stands about its moment.
            $samples = $sound->samples($window * self::STEP - intdiv(self::WINDOW, 2), self::WINDOW + 1);
            $weighted = [];
            foreach ($hamming as $index => $weight) {
                $weighted[] = ($samples[$index + 1] - self::EMPHASIS * $samples[$index]) * $weight;
            }
            $power = $spectrum->of([...$weighted, ...$rest]);
            foreach ($bands as [$first, $weights]) {
                $energy = 0.0;
                foreach ($weights as $index => $weight) {
                    $energy += $power[$first + $index] * $weight;
                }
                $logs[] = log($energy + 1.0);
            }
            $block .= pack('e*', ...$logs);
            if ($window % self::BLOCK === self::BLOCK - 1) {
                $blocks[] = $block;
                $block = '';
            }
            if ($progress !== null && $window % 500 === 0) {
                $progress($sound->part($window * self::STEP));
            }
        }

        return new self([...$blocks, $block], $window);
    }

    /** @return non-empty-list<float> the natural logarithms of a window's energies */
    public function window(int $window): array
    {
        $at = ($window % self::BLOCK) * self::BANDS * self::DOUBLE;
        /** @var non-empty-array<int, float> $logs */
        $logs = unpack('e'.self::BANDS, $this->blocks[intdiv($window, self::BLOCK)], $at);

        return array_values($logs);
    }

    /** @return list<float> the natural logarithms of a band's energies in all windows */
    public function band(int $band): array
    {
        $logs = [];
        for ($window = 0; $window < $this->windows; ++$window) {
            $at = (($window % self::BLOCK) * self::BANDS + $band) * self::DOUBLE;
            /** @var array{1: float} $log */
            $log = unpack('e', $this->blocks[intdiv($window, self::BLOCK)], $at);
            $logs[] = $log[1];
        }

        return $logs;
    }

    /** The largest of all; 0 where there are none. */
    public function loudest(): float
    {
        $loudest = [];
        for ($window = 0; $window < $this->windows; ++$window) {
            $loudest[] = max($this->window($window));
        }

        return $loudest === [] ? 0.0 : max($loudest);
    }

    /** @return list<array{int, list<float>}> of each band its first frequency, and the weights from there on */
    private static function triangles(): array
    {
        $mel = static fn (float $hertz): float => 2595 * log10(1 + $hertz / 700);
        $hertz = static fn (float $mel): float => 700 * (10 ** ($mel / 2595) - 1);
        $low = $mel(self::LOWEST_HERTZ);
        $step = ($mel(self::HIGHEST_HERTZ) - $low) / (self::BANDS + 1);
        $width = Sound::RATE / PowerSpectrum::SIZE;
        $triangles = [];
        for ($band = 0; $band < self::BANDS; ++$band) {
            [$from, $peak, $to] = [
                $hertz($low + $band * $step),
                $hertz($low + ($band + 1) * $step),
                $hertz($low + ($band + 2) * $step),
            ];
            $first = (int) ceil($from / $width);
            $weights = [];
            for ($index = $first; $index * $width < $to && $index < intdiv(PowerSpectrum::SIZE, 2); ++$index) {
                $at = $index * $width;
                $weights[] = $at <= $peak ? ($at - $from) / ($peak - $from) : ($to - $at) / ($to - $peak);
            }
            $triangles[] = [$first, $weights];
        }

        return $triangles;
    }
}
