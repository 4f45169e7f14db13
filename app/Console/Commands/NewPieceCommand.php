<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\KnownSettings;
use App\Import\Incoming;
use App\Import\IncomingFile;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Taking;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\PlainText;

final class NewPieceCommand extends LupineCommand
{
    protected $signature = 'lupine:new
        {table : a CSV, TSV, XLSX, ODS or JSON file with a label and a figure in each row}
        {--form=donut : one of those that lupine:forms lists}
        {--title= : the title; the file\'s name if not given}
        {--out= : where to write the piece; standard output if not given}
        {--set=* : path=value, such as stage.frames=480 or charts.0.form.gap=6; may be repeated}';

    /** endings of files that are no plain text */
    private const BOOKS = ['xlsx', 'ods', 'json'];

    protected $description = 'Makes a piece from a table';

    private KnownSettings $known;

    protected function work(): int
    {
        $forms = app(Forms::class);
        $form = $this->given('form') ?? 'donut';
        if (!in_array($form, $forms->names(), true)) {
            throw new BadPiece(
                sprintf('“%s” is not a form. There are: %s.', $form, implode(', ', $forms->names())),
                '--form',
            );
        }
        $file = $this->text('table');
        $table = in_array(strtolower(pathinfo($file, PATHINFO_EXTENSION)), self::BOOKS, true)
            ? $this->book($file)
            : TableText::read($this->contents($file));
        $name = PlainText::writable(strtr(pathinfo($file, PATHINFO_FILENAME), '-_', '  '));
        $title = $this->given('title') ?? ucfirst($name);
        $document = NewPiece::document(
            $table,
            $forms->named($form),
            $title,
            headline: $this->given('title') ?? '',
            isGuessed: $this->given('title') === null,
        );
        $this->known = KnownSettings::published();
        foreach ((array) $this->option('set') as $setting) {
            $document = $this->set($document, self::writable((string) $setting, 'set'));
        }
        Piece::fromJson(json_encode($document, JSON_THROW_ON_ERROR), $forms);
        $this->deliver($document);

        return self::SUCCESS;
    }

    /** The first sheet that has figures. */
    private function book(string $file): Table
    {
        $incoming = app(Incoming::class);
        if ((int) filesize($this->readable($file)) > IncomingFile::MOST_BYTES) {
            throw IncomingFile::tooLarge((int) filesize($file), basename($file));
        }
        $id = $incoming->keep($this->contents($file), basename($file));

        return Taking::from($incoming->grid($id, $incoming->firstSheet($id)))->table;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private function set(array $document, string $setting): array
    {
        [$path, $typed] = array_pad(explode('=', $setting, 2), 2, null);
        if ($typed === null || $path === '') {
            throw new BadPiece(sprintf('“%s” must be path=value, such as charts.0.form.gap=6.', $setting), '--set');
        }
        $place = &$document;
        $steps = explode('.', $path);
        // What belongs to the chart can be said without naming it: form.gap is charts.0.form.gap.
        if (!array_key_exists($steps[0], $document) && array_key_exists($steps[0], (array) $document['charts'][0])) {
            $steps = ['charts', '0', ...$steps];
        }
        $value = KnownSettings::value($typed, $this->known->at($steps, $document));
        foreach ($steps as $index => $step) {
            $last = $index === count($steps) - 1;
            if ($place instanceof \stdClass) {
                $place->{$step} ??= null;
                $place = &$place->{$step};
                continue;
            }
            if (
                !is_array($place)
                || (!array_key_exists($step, $place)
                    && !($last && !array_is_list($place))
                    && $step !== (string) count($place))
            ) {
                throw new BadPiece(
                    sprintf('There is no “%s” in the piece.', implode('.', array_slice($steps, 0, $index + 1))),
                    '--set',
                );
            }
            $place = &$place[$step];
        }
        $place = $value;

        return $document;
    }
}
