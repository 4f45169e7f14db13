<?php

declare(strict_types=1);

namespace App\Batch;

use App\Film\FileKind;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/** What is to be made of which tables, as a file says it; paths are from the folder of that file. */
final readonly class PlanFile
{
    /** endings of files with tables, looked for in folders */
    private const TABLES = ['csv', 'tsv', 'xlsx', 'ods', 'json'];

    private const KNOWN = [
        'piece', 'tables', 'kinds', 'shapes', 'names', 'out', 'from', 'to', 'ground', 'sound', 'captions', 'chapters',
        'width', 'perSecond', 'everyShape', 'loops',
    ];

    private function __construct(
        private string $folder,
        public string $piece,
        /** @var list<array{file: string, by: string, column: string|null, sheet: string|null}> as they are named */
        private array $tables,
        /** @var list<FileKind> */
        public array $kinds,
        /** @var list<string|null> null: the piece's own */
        public array $shapes,
        public FileNames $names,
        public string $out,
        /** what FileOrder reads beside kind and shape */
        public Field $order,
    ) {
    }

    /** @throws BadPiece */
    public static function read(string $text, string $path): self
    {
        $read = json_decode($text);
        if (!$read instanceof \stdClass) {
            throw new BadPiece('This is not a JSON object: '.json_last_error_msg().'.', $path);
        }
        foreach (array_keys(get_object_vars($read)) as $name) {
            if (!in_array($name, self::KNOWN, true)) {
                throw new BadPiece(
                    sprintf('A plan has no “%s”. It can have %s.', $name, implode(', ', self::KNOWN)),
                    $path,
                );
            }
        }
        $field = Field::root($read);
        $kinds = array_map(
            static fn (Field $kind): FileKind => FileKind::from($kind->oneOf(array_column(FileKind::cases(), 'value'))),
            $field->get('kinds')->items(60),
        );
        $shapes = $field->get('shapes')->isNull() ? [null] : array_map(
            static fn (Field $shape): ?string => $shape->isNull() || $shape->text(60) === '' ? null : $shape->id(),
            $field->get('shapes')->items(8),
        );

        return new self(
            dirname($path),
            $field->get('piece')->text(1000),
            array_map(self::table(...), $field->get('tables')->items(Fillings::MOST)),
            $kinds === [] ? throw $field->get('kinds')->wrong('names no kind of file') : $kinds,
            $shapes === [] ? [null] : $shapes,
            FileNames::by($field->get('names')->text(120, FileNames::USUAL)),
            $field->get('out')->text(1000),
            $field,
        );
    }

    /** From the folder of the plan, where it is not from the root. */
    public function path(string $path): string
    {
        return str_starts_with($path, '/') ? $path : $this->folder.'/'.$path;
    }

    /**
     * The files with tables, those of folders by their names.
     *
     * @return list<array{file: string, by: string, column: string|null, sheet: string|null}>
     */
    public function tables(): array
    {
        $all = [];
        foreach ($this->tables as $table) {
            $path = $this->path($table['file']);
            if (!is_dir($path)) {
                $all[] = [...$table, 'file' => $path];
                continue;
            }
            foreach (scandir($path) ?: [] as $name) {
                if (in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::TABLES, true) && $name[0] !== '.') {
                    $all[] = [...$table, 'file' => $path.'/'.$name];
                }
            }
        }

        return $all;
    }

    /** @return array{file: string, by: string, column: string|null, sheet: string|null} */
    private static function table(Field $table): array
    {
        if ($table->isText()) {
            return ['file' => $table->text(1000), 'by' => 'sheets', 'column' => null, 'sheet' => null];
        }
        $text = static fn (string $name): ?string => $table->get($name)->isNull()
            ? null
            : $table->get($name)->text(200);
        $column = $text('column');

        return [
            'file' => $table->get('file')->text(1000),
            'by' => $table->get('by')->oneOf(['sheets', 'names', 'columns'], $column === null ? 'sheets' : 'names'),
            'column' => $column,
            'sheet' => $text('sheet'),
        ];
    }
}
