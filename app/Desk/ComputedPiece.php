<?php

declare(strict_types=1);

namespace App\Desk;

use Illuminate\Support\Facades\Cache;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\Reel;
use Lupine\Core\Drawing\Sheet;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Problem;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Script\Beats;

/** A document, drawn by core. */
final readonly class ComputedPiece
{
    public function __construct(private DrawPiece $drawPiece)
    {
    }

    public function draw(Piece $piece): Drawing
    {
        return $this->drawPiece->draw($piece);
    }

    public function proof(Piece $piece): Proof
    {
        return Proof::of($piece, $this->draw($piece), $this->drawPiece->setter());
    }

    /**
     * What the desk shows of a document. Figures that cannot be drawn are a problem to be shown, not an error: the
     * document is kept as it was typed.
     *
     * @return array<string, mixed>
     */
    public function forDesk(Piece $piece, ?int $from, ?int $to): array
    {
        $script = Sheet::script($piece);
        $script['lines'] = (object) $script['lines'];
        try {
            $drawing = $this->draw($piece);
        } catch (ImpossibleFigures $reason) {
            return [
                'problems' => [
                    Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId),
                ],
                'sheet' => ['charts' => (object) [], ...$script],
                'reel' => null,
            ];
        }
        $problems = (new Moves($piece, new Beats($piece)))->problems();
        foreach ($drawing->timings as $timing) {
            array_push($problems, ...$timing->figures->notices);
        }

        return [
            'problems' => $problems,
            'sheet' => ['charts' => (object) Sheet::of($piece, $drawing), ...$script],
            'reel' => Reel::of($drawing, $from, $to),
        ];
    }

    /** The reel as JSON, kept by the hash of the document. */
    public function reelText(string $documentText, ?int $from = null, ?int $to = null): string
    {
        $key = 'reel:'.hash('sha256', $documentText).':'.($from ?? 0).'-'.($to ?? 'end');

        return Cache::remember(
            $key,
            now()->addDay(),
            fn (): string => json_encode(
                Reel::of($this->draw(Piece::fromJson($documentText)), $from, $to),
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
