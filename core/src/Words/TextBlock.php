<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\Piece\TextStyle;

/** A text broken into lines, and how much room they take. */
final readonly class TextBlock
{
    /** how much smaller a text becomes with each try to fit it */
    private const SMALLER = 0.94;

    /**
     * @param list<string> $lines
     * @param float $width of the widest line, in pixels
     * @param float $capHeight of its first line, in pixels
     */
    private function __construct(
        public array $lines,
        public TextStyle $style,
        public float $width,
        public float $capHeight,
    ) {
    }

    public static function of(TextSetter $setter, string $text, TextStyle $style, float $width): self
    {
        $lines = $setter->lines($text, $style, $width);
        $widths = array_map(static fn (string $line): float => $setter->width($line, $style), $lines);

        return new self($lines, $style, max(0.0, ...$widths), $setter->capHeight($style));
    }

    /**
     * As large as it may be without growing out of a room.
     *
     * @param float $least how small it may become, as a fraction of its size
     */
    public static function fitting(
        TextSetter $setter,
        string $text,
        TextStyle $style,
        float $width,
        float $height,
        float $least = 0.4,
    ): self {
        for ($factor = 1.0;; $factor *= self::SMALLER) {
            $block = self::of($setter, $text, $style->times($factor), $width);
            if (($block->width <= $width && $block->height() <= $height) || $factor * self::SMALLER < $least) {
                return $block;
            }
        }
    }

    /** From the top of its first capitals to its last baseline, in pixels. */
    public function height(): float
    {
        return $this->capHeight + (count($this->lines) - 1) * $this->step();
    }

    /** From baseline to baseline, in pixels. */
    public function step(): float
    {
        return $this->style->step();
    }
}
