<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Batch\Fillings;
use App\Batch\TableFiles;
use App\Import\Incoming;
use Lupine\Core\Form\Forms;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

final class FillCommand extends LupineCommand
{
    protected $signature = 'lupine:fill
        {piece : the styled piece, a JSON file}
        {table : a CSV, TSV, XLSX, ODS or JSON file}
        {--sheet= : the name of a sheet; the first with a table if not given}
        {--name= : what the table is called; the file\'s or the sheet\'s name if not given}
        {--out= : where to write the piece; standard output if not given}';

    protected $description = 'Puts a table into a styled piece and keeps all else';

    public function __construct(private readonly Incoming $incoming, private readonly TableFiles $files)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $piece = $this->piece();
        $table = $piece->tables[0] ?? throw new BadPiece('This piece has no table.', $this->text('piece'));
        $fillings = Fillings::of(
            (object) json_decode($this->contents($this->text('piece'))),
            $piece,
            $table->id,
            [$this->files->source([
                'file' => $this->text('table'), 'by' => 'sheets', 'column' => null, 'sheet' => $this->given('sheet'),
            ])],
            $this->incoming,
            app(Forms::class),
        );
        $filled = $fillings->filled[0] ?? null;
        if ($filled === null) {
            [$name, $reason] = $fillings->wrong[0] ?? [$this->text('table'), 'There is no table in it.'];

            return $this->complain($name.': '.$reason, self::BAD_INPUT);
        }
        $name = $this->given('name');
        if ($name !== null) {
            $filled->document->title = $name;
            foreach (Json::objects($filled->document->tables) as $one) {
                $one->name = ($one->id ?? '') === $table->id ? $name : $one->name ?? '';
            }
        }
        foreach ($filled->remarks as $remark) {
            $this->output->getErrorStyle()->writeln($remark);
        }
        $this->deliver($filled->document);

        return self::SUCCESS;
    }
}
