<?php

declare(strict_types=1);

namespace App\Batch;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\LupineException;

/** What proof says of a piece in several shapes, among it where the script tells a figure otherwise. */
final readonly class Verdict
{
    /**
     * @param list<array{string|null, string}> $problems the shape that one is of (null: all of them) and a sentence
     */
    private function __construct(
        /** the frame on which all figures have come */
        public int $frame,
        public bool $isExact,
        public array $problems,
    ) {
    }

    /**
     * @param non-empty-list<PlacedPiece> $shapes the piece in each of its shapes
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public static function of(ComputedPiece $computed, array $shapes, ?\Closure $meanwhile = null): self
    {
        $said = [];
        $isExact = true;
        $frame = 0;
        foreach ($shapes as $number => $placed) {
            try {
                $timings = $computed->timings($placed);
                $frame = $number === 0 ? MoveSheet::finished($timings, $placed->piece->stage->frames) : $frame;
                $proof = $computed->proof($placed, Effort::PROVED_AT_ONCE, $meanwhile);
                $isExact = $isExact && $proof->isExact();
                foreach ($proof->checks() as $check) {
                    if (!$check->ok) {
                        $said[$check->message][] = $placed->shape;
                    }
                }
            } catch (LupineException $reason) {
                $isExact = false;
                $said[$reason->getMessage()][] = $placed->shape;
            }
        }
        $problems = [];
        foreach ($said as $message => $its) {
            // What is so in every shape is no matter of one.
            $problems[] = [count($its) === count($shapes) ? null : $its[0], (string) $message];
        }

        return new self($frame, $isExact, $problems);
    }
}
