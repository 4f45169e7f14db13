<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Proof\FigureProof;

/** A figure, as it is and as it is measured in the picture. */
final readonly class ProofFigure extends Answer
{
    public function __construct(
        public string $chart,
        public string $figure,
        public string $label,
        public string $value,
        public string $colour,
        public float $difference,
        public int $frame,
        public string $outline,
        /** @var array{float,float} */
        public array $beside,
        public string $wantedText,
        public string $measuredText,
        public string $differenceText,
        public string $measureText,
    ) {
    }

    public static function of(FigureProof $figure): self
    {
        return new self(
            $figure->chartId,
            $figure->figureId,
            $figure->label,
            $figure->value,
            $figure->colour,
            $figure->difference,
            $figure->frame,
            $figure->outline,
            [round($figure->beside->x, 1), round($figure->beside->y, 1)],
            number_format($figure->wanted * 100, 4).' %',
            number_format($figure->measured * 100, 4).' %',
            number_format($figure->difference * 100, 4),
            $figure->measureText,
        );
    }
}
