<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Film\Renderer;
use App\Models\Piece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Piece\Piece as Document;

final readonly class StillController
{
    public function __construct(private ComputedPiece $computed)
    {
    }

    /** The reel, or a range of its frames. */
    public function reel(Request $request, Piece $piece): Response
    {
        $text = $this->computed->reelText(
            $piece->documentText(),
            $request->has('from') ? $request->integer('from') : null,
            $request->has('to') ? $request->integer('to') : null,
        );

        return response($text, 200, ['Content-Type' => 'application/json']);
    }

    public function svg(Request $request, Piece $piece): Response
    {
        $document = Document::fromJson($piece->documentText());

        return response(
            Svg::ofFrame($this->computed->draw($document), $request->integer('frame'), $piece->title),
            200,
            [
                'Content-Type' => 'image/svg+xml',
                'Content-Disposition' => $this->attachment($piece, $request->integer('frame'), 'svg'),
            ],
        );
    }

    public function png(Request $request, Piece $piece, Renderer $renderer): Response
    {
        $frame = max(0, $request->integer('frame'));
        $reel = $this->computed->reelText($piece->documentText(), $frame, $frame);

        return response($renderer->still($reel, $frame), 200, [
            'Content-Type' => 'image/png',
            'Content-Disposition' => $this->attachment($piece, $frame, 'png'),
        ]);
    }

    private function attachment(Piece $piece, int $frame, string $ending): string
    {
        $title = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($piece->title)), '-');

        return sprintf('attachment; filename="%s-%05d.%s"', $title === '' ? 'still' : $title, $frame, $ending);
    }
}
