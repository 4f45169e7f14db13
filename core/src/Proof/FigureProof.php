<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\Point;

/** One mark against its figure. */
final readonly class FigureProof implements \JsonSerializable
{
    public function __construct(
        public string $chartId,
        public string $figureId,
        public string $label,
        public string $value,
        public string $colour,
        /** 0 to 1 */
        public float $wanted,
        /** 0 to 1, from the outline as drawn on that frame */
        public float $measured,
        public ?float $measuredByArea,
        /** the largest difference on any frame, as a fraction of the whole */
        public float $difference,
        /** on which the mark is most off, or, of one that is not, there in full */
        public int $frame,
        /** on which as much of it is there as ever is */
        public int $fullFrame,
        public string $outline,
        /** where its degrees can be written beside it */
        public Point $beside,
        /** what was measured, with its unit */
        public string $measureText,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'chart' => $this->chartId,
            'figure' => $this->figureId,
            'label' => $this->label,
            'value' => $this->value,
            'colour' => $this->colour,
            'difference' => $this->difference,
            'frame' => $this->frame,
            'outline' => $this->outline,
            'wantedText' => number_format($this->wanted * 100, 4).' %',
            'measuredText' => number_format($this->measured * 100, 4).' %',
            'beside' => [round($this->beside->x, 1), round($this->beside->y, 1)],
            'differenceText' => number_format($this->difference * 100, 4),
            'measureText' => $this->measureText,
        ];
    }
}
