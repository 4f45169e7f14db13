<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use App\Film\Renderer;
use App\Pictures\PictureStore;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\BadPiece;

final class DrawCommand extends LupineCommand
{
    protected $signature = 'lupine:draw
        {piece : the piece, a JSON file}
        {out : a file that ends in .svg or .png}
        {--at=last : a frame, a timecode such as 0:08:19, or last}
        {--shape= : one of the shapes that the piece is made in; its own stage if not given}';

    protected $description = 'Draws one frame as SVG or PNG';

    public function __construct(
        private readonly ComputedPiece $computed,
        private readonly Renderer $renderer,
        private readonly PictureStore $pictures,
    ) {
        parent::__construct();
    }

    protected function work(): int
    {
        $piece = $this->piece();
        $out = $this->text('out');
        $frame = $this->frame($this->given('at') ?? 'last', $piece->stage);
        $kind = strtolower(pathinfo($out, PATHINFO_EXTENSION));
        if (!in_array($kind, ['svg', 'png'], true)) {
            throw new BadPiece('The file has to end in .svg or .png.', $out);
        }
        $text = $this->contents($this->text('piece'));
        $placed = $this->computed->placed($piece, $text, $this->given('shape'));
        $this->write(
            $out,
            $kind === 'svg'
                ? Svg::ofFrame(
                    $this->computed->draw($placed, $frame, $frame),
                    $frame,
                    $piece->title,
                    $this->pictures->dataUri(...),
                )
                : $this->renderer->still($this->computed->filmedFrame($placed, $frame), $frame),
        );

        return self::SUCCESS;
    }

    /** @throws BadPiece */
    private function frame(string $at, Stage $stage): int
    {
        if ($at === 'last') {
            return $stage->frames - 1;
        }
        $frame = ctype_digit($at)
            ? (int) $at
            : Timecode::read($at, FrameRate::ofStage($stage), $stage->dropFrame)->frame;
        if ($frame >= $stage->frames) {
            throw new BadPiece(
                sprintf('Frame %d is after the end; the last frame is %d.', $frame, $stage->frames - 1),
                '--at',
            );
        }

        return $frame;
    }
}
