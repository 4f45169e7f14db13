<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Form\Forms;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\Upgrade;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

final class FitCommand extends LupineCommand
{
    protected $signature = 'lupine:fit
        {piece : the piece, a JSON file}
        {length : frames (780), seconds (26s) or minutes and seconds (0:26), or a timecode (0:26:00)}
        {--out= : where to write the piece; standard output if not given}';

    protected $description = 'Fits all of a piece into another length; a recording keeps its pace';

    protected function work(): int
    {
        $forms = app(Forms::class);
        $piece = $this->piece();
        $text = $this->contents($this->text('piece'));
        $document = Upgrade::of(json_decode($text, false, Piece::MAX_DEPTH, JSON_THROW_ON_ERROR));
        \assert($document instanceof \stdClass);
        $frames = self::frames($this->text('length'), $piece->stage);
        $with = Field::root((object) ['frames' => $frames]);
        try {
            [$fitted] = Acts::do('fit-length', $with, $document, $piece, $forms);
        } catch (BadPiece $reason) {
            throw new BadPiece($reason->getMessage(), 'length');
        }
        $this->deliver($fitted);

        return self::SUCCESS;
    }

    /** @throws BadPiece where that is no length */
    private static function frames(string $typed, Stage $stage): int
    {
        $frames = (int) NumberField::read($typed, 'frames', FrameRate::ofStage($stage), $stage->dropFrame);

        return $frames >= 1 && $frames <= Stage::MAX_FRAMES ? $frames : throw new BadPiece(
            sprintf('A piece is from 1 to %d frames long; this would be %d.', Stage::MAX_FRAMES, $frames),
            'length',
        );
    }
}
