<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;

/** The acts that Lupine has, by their names: what the desk does to a document, from document to document. */
final readonly class Acts
{
    private const CLASSES = [
        'change-rate' => ChangeRate::class,
        'resize-stage' => ResizeStage::class,
        'fit-length' => FitLength::class,
        'splice-recording' => SpliceRecording::class,
        'take-script' => TakeScript::class,
        'split-line' => SplitLine::class,
        'join-line' => JoinLine::class,
        'remove-line' => RemoveLine::class,
        'take-departure' => TakeDeparture::class,
        'leave-departure' => LeaveDeparture::class,
        'copy-chart' => CopyChart::class,
        'remove-things' => RemoveThings::class,
        'paste' => Paste::class,
        'add-rows' => AddRows::class,
        'remove-rows' => RemoveRows::class,
        'sort-rows' => SortRows::class,
        'move-row' => MoveRow::class,
        'add-column' => AddColumn::class,
        'remove-column' => RemoveColumn::class,
        'each-its-own' => EachItsOwn::class,
        'take-kit' => TakeKit::class,
        'say-once' => SayOnce::class,
        'take-back-chart' => TakeBackChart::class,
        'set-figure' => SetFigure::class,
        'change-form' => ChangeForm::class,
        'same-in-others' => SameInOthers::class,
        'mend' => Mend::class,
    ];

    /** @return array<string, class-string<Act>> what each takes is declared by its class */
    public static function all(): array
    {
        return self::CLASSES;
    }

    /**
     * @param Field $with what the act takes
     * @param \stdClass $document as docs/piece.schema.json describes it; it stays as it is
     * @param Piece $piece the same document, read
     *
     * @return array{\stdClass, list<string>} the document after it, and the ids of what was made
     *
     * @throws BadPiece where there is no such act, it cannot be done, or what came of it could not be read again
     */
    public static function do(
        string $name,
        Field $with,
        \stdClass $document,
        Piece $piece,
        FormCatalogue $forms,
    ): array {
        $class = self::CLASSES[$name] ?? throw new BadPiece(
            sprintf('There is no act “%s”. There are: %s.', $name, implode(', ', array_keys(self::CLASSES))),
            'act',
        );

        return self::doOne(Group::of($class)->read($with->knowing($forms)), $document, $piece, $forms);
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it; it stays as it is
     * @param Piece $piece the same document, read
     *
     * @return array{\stdClass, list<string>} the document after it, and the ids of what was made
     *
     * @throws BadPiece where it cannot be done, or what came of it could not be read again
     */
    public static function doOne(Act $act, \stdClass $document, Piece $piece, FormCatalogue $forms): array
    {
        $edited = new Edited($document, $piece, $forms);
        $made = $act->change($edited);
        Piece::fromDocument($edited->document, $forms);

        return [$edited->document, $made];
    }
}
