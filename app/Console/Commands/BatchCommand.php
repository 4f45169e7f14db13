<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Batch\Fillings;
use App\Batch\MadeFiles;
use App\Batch\PlanFile;
use App\Batch\ReadAnew;
use App\Batch\TableFiles;
use App\Desk\ComputedPiece;
use App\Disk\FullDisk;
use App\Film\FileKind;
use App\Film\FileOrder;
use App\Film\Maker;
use App\Import\Incoming;
use App\Papers\Csv;
use Lupine\Core\Batch\Filled;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Papers\Table;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

final class BatchCommand extends LupineCommand
{
    protected $signature = 'lupine:batch
        {plan : a JSON file: piece, tables, kinds, shapes, names, out}
        {--json : progress as JSON, one object a line, on standard output}
        {--watch : goes on, and makes anew what changes}';

    protected $description = 'Makes the files of a plan: a piece with many tables; only what has changed since';

    /** seconds between two looks at what is watched */
    private const LOOK = 2;

    private const HEADS = ['File', 'Table', 'Kind', 'Shape', 'Bytes', 'SHA-256 of what it was made of', 'Status'];

    /** @var list<list<string|int|null>> rows of the manifest */
    private array $manifest = [];

    /** @var array<string, true> names of files, in small letters */
    private array $names = [];

    /** @var list<string> what could not be made, in sentences */
    private array $failed = [];

    public function __construct(
        private readonly ComputedPiece $computed,
        private readonly Incoming $incoming,
        private readonly TableFiles $files,
    ) {
        parent::__construct();
    }

    protected function work(): int
    {
        $path = $this->text('plan');
        // What changes while files are made is seen at the next look.
        $seen = $this->seen($path);
        $status = $this->makeAll($path);
        while ($this->option('watch') === true) {
            sleep(self::LOOK);
            $now = $this->seen($path);
            if ($now !== $seen) {
                $seen = $now;
                try {
                    $status = $this->makeAll($path);
                } catch (LupineException $reason) {
                    // A file that is just being written; the next look may find it whole.
                    $this->say('wrong', '', $reason->getMessage());
                }
            }
        }

        return $status;
    }

    private function makeAll(string $path): int
    {
        $plan = PlanFile::read($this->contents($path), $path);
        $this->manifest = $this->failed = $this->names = [];
        $out = $plan->path($plan->out);
        if (!is_dir($out) && !@mkdir($out, 0775, true)) {
            throw new BadPiece('This folder cannot be made. May you write there?', $out);
        }
        $made = MadeFiles::in($out);
        $filled = $this->filled($plan);
        $total = count($filled) * $this->perTable($plan);
        foreach ($filled as $number => $one) {
            foreach ($plan->kinds as $kind) {
                foreach ($kind->traits()->hasShape ? $plan->shapes : [null] as $shape) {
                    $this->one($plan, $out, $made, $one, $kind, $shape, $number + 1, $total);
                }
            }
        }
        $this->write($out.'/manifest.csv', Csv::of(new Table(self::HEADS, $this->manifest)));
        foreach ($this->failed as $sentence) {
            $this->output->getErrorStyle()->writeln($sentence);
        }

        return $this->failed === [] ? self::SUCCESS : self::OFF;
    }

    private function perTable(PlanFile $plan): int
    {
        return (int) array_sum(array_map(
            static fn (FileKind $kind): int => $kind->traits()->hasShape ? count($plan->shapes) : 1,
            $plan->kinds,
        ));
    }

    /** @return list<Filled> what can be made; what cannot is told */
    private function filled(PlanFile $plan): array
    {
        $text = $this->contents($plan->path($plan->piece));
        $forms = app(Forms::class);
        $piece = Piece::fromJson($text, $forms);
        $table = $piece->tables[0] ?? throw new BadPiece('This piece has no table.', $plan->piece);
        $filled = [];
        foreach ($plan->tables() as $file) {
            try {
                $source = $this->files->source($file);
                $fillings = Fillings::of(
                    (object) json_decode($text),
                    $piece,
                    $table->id,
                    [$source],
                    $this->incoming,
                    $forms,
                );
                array_push($filled, ...$fillings->filled);
                foreach ($fillings->wrong as [$name, $reason]) {
                    $this->miss(basename($file['file']).', '.$name, $reason);
                }
            } catch (LupineException $reason) {
                $this->miss(basename($file['file']), $reason->getMessage());
            }
        }

        return $filled;
    }

    private function one(
        PlanFile $plan,
        string $out,
        MadeFiles $made,
        Filled $filled,
        FileKind $kind,
        ?string $shape,
        int $number,
        int $total,
    ): void {
        $traits = $kind->traits();
        $stem = $plan->names->of($filled->name, $shape ?? '', $kind->value, $number);
        $name = preg_replace('/[^\p{L}\p{N}_]+/u', '-', $stem).$traits->suffix.'.'.$traits->ending;
        if (isset($this->names[mb_strtolower($name)])) {
            $this->miss($name, sprintf(
                'Another file of this plan is called so, and this one, of “%s”, would take its place. Put {number}, {shape} or {kind} into the names.',
                $filled->name,
            ));

            return;
        }
        $this->names[mb_strtolower($name)] = true;
        $began = microtime(true);
        $fingerprint = '';
        $status = 'made';
        try {
            $text = json_encode(
                $filled->document,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            );
            // What a scratch voice reads otherwise with this table is read before anything is made of it.
            $text = $filled->reading === null ? $text : app(ReadAnew::class)->in($text, $filled->reading);
            $asked = [...get_object_vars((object) $plan->order->value()), 'kind' => $kind->value, 'shape' => $shape];
            $order = FileOrder::readFrom(
                Field::root((object) $asked),
                Piece::fromJson($text, app(Forms::class)),
            );
            $document = $order->filmed($text);
            $fingerprint = hash('sha256', json_encode([
                $kind->value, $shape, $order->range->from, $order->range->to, $order->withSound,
                $order->options->toArray(), $document,
            ], JSON_THROW_ON_ERROR));
            if ($made->has($name, $fingerprint)) {
                $status = 'unchanged';
            } else {
                $this->make($document, $order, $out.'/'.$name);
                $made->keep($name, $fingerprint);
            }
        } catch (LupineException|\RuntimeException $reason) {
            $status = $reason->getMessage();
            $this->miss($name, $status);
        }
        $bytes = is_file($out.'/'.$name) ? (int) filesize($out.'/'.$name) : null;
        $this->manifest[] = [$name, $filled->name, $kind->value, $shape ?? '', $bytes, $fingerprint, $status];
        if (in_array($status, ['made', 'unchanged'], true)) {
            $this->say($status, $name, '', round(microtime(true) - $began, 2), $total);
        }
    }

    /** The old file stays until the new one is whole. */
    private function make(string $document, FileOrder $order, string $path): void
    {
        $half = dirname($path).'/.half-'.bin2hex(random_bytes(4)).'.'.$order->kind->traits()->ending;
        try {
            /** @var Maker $maker */
            $maker = app($order->kind->traits()->maker);
            $placed = $this->computed->read($document, $order->shape);
            $maker->make($placed, $order, $half, basename($path), static fn (): bool => true);
            if (!@rename($half, $path)) {
                throw new FullDisk();
            }
        } finally {
            @unlink($half);
        }
    }

    private function miss(string $name, string $reason): void
    {
        $this->failed[] = $name.': '.$reason;
        $this->say('failed', $name, $reason);
    }

    private function say(string $status, string $name, string $message, float $seconds = 0.0, int $total = 0): void
    {
        if ($this->option('json') === true) {
            $this->output->writeln(json_encode(
                ['status' => $status, 'file' => $name, 'message' => $message, 'seconds' => $seconds],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ));
        } elseif ($status === 'made' || $status === 'unchanged') {
            $this->output->getErrorStyle()->writeln(sprintf(
                '%d of %d: %s%s',
                count($this->manifest),
                $total,
                $name,
                $status === 'made' ? sprintf(', %.1f s', $seconds) : ', unchanged',
            ));
        }
    }

    /** What tells whether anything has changed: the plan, the piece and the tables, by their times and sizes. */
    private function seen(string $path): string
    {
        clearstatcache();
        try {
            $plan = PlanFile::read($this->contents($path), $path);
            $files = [$path, $plan->path($plan->piece), ...array_column($plan->tables(), 'file')];
        } catch (LupineException) {
            $files = [$path];
        }

        return implode(' ', array_map(
            static fn (string $file): string => $file.' '.@filemtime($file).' '.@filesize($file),
            $files,
        ));
    }
}
