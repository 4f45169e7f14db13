<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Desk\ComputedPiece;
use App\Desk\DocumentText;
use App\Models\Piece;
use Lupine\Core\Acts\Acts;
use Lupine\Core\Form\Forms;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Json;
use Lupine\Core\Tests\Rounds;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/**
 * A day of work by chance, beside a plain list of documents as its model: acts, steps of undo and redo, names and ways
 * back, from a seed; 3,000 of them where many are asked for. After each the piece is what the list says; at the end all
 * of it is walked back and forth.
 */
final class ManyActsTest extends TestCase
{
    private const SEED = 21;
    private const STEPS = 500;
    private const LONG = 3000;
    /** after so many what came of them is computed for the desk as well */
    private const LOOK = 100;

    private Randomizer $chance;
    private int $steps;

    public function testManyActsAndStepsOfUndoEndInTheSameDocument(): void
    {
        $this->steps = Rounds::of(self::STEPS, self::LONG);
        $ends = array_map($this->day(...), [self::SEED, self::SEED]);
        $this->assertSame($ends[0], $ends[1], 'the same day twice ends the same');
    }

    /** @return array{string, int, int} the last document, acts done, acts refused */
    private function day(int $seed): array
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $forms = Forms::shipped();
        $first = json_decode((string) json_encode(self::demo('the-mending-room')));
        \assert($first instanceof \stdClass);
        $piece = Piece::begin($first);
        /** @var list<string> $line what undo and redo walk along */
        $line = [DocumentText::of($first)];
        $at = 0;
        $done = $refused = 0;
        for ($step = 0; $step < $this->steps; ++$step) {
            $chance = $this->chance->getInt(0, 99);
            if ($chance < 22) {
                $by = ($chance < 14 ? -1 : 1) * $this->chance->getInt(1, 4);
                $to = max(0, min(count($line) - 1, $at + $by));
                $this->assertSame($to !== $at, $piece->walk($by, $piece->version), "step {$step}");
                $at = $to;
            } elseif ($chance < 25) {
                // A version is named, for ever: further steps leave it as it is.
                $piece->revisions()->where('number', $piece->head)->update(['name' => "Version {$step}"]);
            } else {
                $document = $piece->document();
                try {
                    $next = $chance < 28
                        ? Json::copy(json_decode($line[$this->chance->getInt(0, $at)]))
                        : $this->act($document, $forms);
                } catch (BadPiece $reason) {
                    ++$refused;
                    $this->assertNotSame('', $reason->getMessage());
                    $this->assertSame($line[$at], DocumentText::of($document), 'what is refused changes nothing');
                    continue;
                }
                $piece->change($next, $piece->version);
                $line = [...array_slice($line, 0, $at + 1), DocumentText::of($next)];
                ++$at;
                ++$done;
            }
            $this->assertSame($line[$at], $piece->documentText(), "step {$step}");
            if ($step % self::LOOK === 0) {
                $this->assertLooksWell($piece->documentText());
            }
        }
        $end = $piece->documentText();
        $piece->walk(-$this->steps, $piece->version);
        $this->assertSame($line[0], $piece->documentText(), 'all of it undone is what it began with');
        $piece->walk(2 * $this->steps, $piece->version);
        $this->assertSame($line[count($line) - 1], $piece->documentText(), 'and done again');
        $this->assertGreaterThan($this->steps / 2, $done);

        return [$end, $done, $refused];
    }

    private function assertLooksWell(string $text): void
    {
        $computed = app(ComputedPiece::class);
        $desk = json_decode($computed->forDesk($computed->read($text), 0, true));
        $this->assertIsObject($desk);
    }

    /** One act of all that there are, on things that are there. */
    private function act(\stdClass $document, Forms $forms): \stdClass
    {
        $chart = $this->one(Json::objects($document->charts ?? null));
        $table = $this->one(array_values(array_filter(
            Json::objects($document->tables ?? null),
            static fn (\stdClass $one): bool => $one->id === ($chart->table ?? ''),
        ))) ?? new \stdClass();
        $row = $this->one(Json::objects($table->rows ?? null));
        $column = $this->one(Json::objects($table->columns ?? null));
        $line = $this->one(Json::objects($document->script->lines ?? null));
        $words = $this->one(Json::objects($document->words ?? null));
        $id = static fn (?\stdClass $of): string => Json::text($of, 'id');
        $acts = [
            'set-figure' => ['chart' => $id($chart), 'figure' => $id($row), 'value' => $this->chance->getInt(0, 900)],
            'change-form' => ['chart' => $id($chart), 'form' => ['kind' => $this->one($forms->names())]],
            'same-in-others' => ['chart' => $id($chart), 'face' => $this->one(['form', 'finish', 'words', 'motion'])],
            'copy-chart' => ['chart' => $id($chart)],
            'remove-things' => ['charts' => [$id($chart)], 'words' => [$id($words)]],
            'paste' => ['lupine' => 'things', 'charts' => [$chart], 'tables' => [$table], 'words' => [], 'moves' => [],
                'chart' => null, 'figure' => null],
            'add-rows' => ['table' => $id($table), 'at' => $this->chance->getInt(0, 3), 'labels' => ['Umbrellas'],
                'cells' => [array_fill(0, count(Json::objects($table->columns ?? null)), '12')]],
            'remove-rows' => ['table' => $id($table), 'rows' => [$id($row)]],
            'sort-rows' => ['table' => $id($table), 'column' => $this->one([null, $id($column)]),
                'descending' => $this->chance->getInt(0, 1) === 1],
            'move-row' => ['table' => $id($table), 'row' => $id($row), 'by' => $this->chance->getInt(-2, 2)],
            'add-column' => ['table' => $id($table), 'after' => $id($column)],
            'remove-column' => ['table' => $id($table), 'column' => $id($column)],
            'fit-length' => ['frames' => $this->chance->getInt(200, 900)],
            'change-rate' => ['rate' => $this->one([[24, 1], [25, 1], [30, 1], [60, 1], [30000, 1001]])],
            'resize-stage' => $this->one([['width' => 1080, 'height' => 1920], ['width' => 1920, 'height' => 1080]]),
            'split-line' => ['line' => $id($line), 'word' => $this->chance->getInt(1, 4)],
            'join-line' => ['line' => $id($line)],
            'remove-line' => ['line' => $id($line)],
            'each-its-own' => ['chart' => $id($chart), 'coat' => $this->one(['patterns', 'textures'])],
            'say-once' => ['chart' => $id($chart), 'names' => $this->one([null, 'parts', 'legend'])],
            'take-back-chart' => ['chart' => $chart, 'table' => $table, 'moves' => []],
            'take-kit' => $this->kit(),
        ];
        $move = $this->one(Json::objects($document->moves ?? null));
        $onto = ['begin' => $this->chance->getInt(0, 400), 'chart' => $id($chart), 'figure' => $id($row)];
        $acts['paste moves'] = ['lupine' => 'moves', 'moves' => array_filter([$move]), ...$onto];
        $acts['paste lines'] = ['lupine' => 'lines', 'lines' => array_filter([$line]), ...$onto];
        $acts['mend'] = ['what' => $this->one(['larger', 'ink', 'plate', 'arranged', 'legend', 'combine']),
            'of' => $id($chart), 'kind' => $this->one(['label', 'legend', 'centre']), 'by' => 1.2];
        $name = $this->one(array_keys($acts));
        $with = json_decode((string) json_encode($acts[$name]));

        return Acts::do(
            explode(' ', (string) $name)[0],
            Field::root($with instanceof \stdClass ? $with : new \stdClass()),
            $document,
            Document::fromDocument($document, $forms),
            $forms,
        )[0];
    }

    /** @return array<string, mixed> */
    private function kit(): array
    {
        $name = $this->one(array_map(
            static fn (string $file): string => basename($file, '.json'),
            glob(base_path('kits/*.json')) ?: [],
        ));
        $kit = json_decode((string) file_get_contents(base_path("kits/{$name}.json")));

        return [
            'kit' => $kit,
            'mark' => ['id' => $name, 'name' => $name, 'parts' => array_keys(Kit::PARTS), 'revision' => 1],
            'lettingGo' => $this->chance->getInt(0, 1) === 1,
        ];
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T|null
     */
    private function one(array $of): mixed
    {
        return $of === [] ? null : $of[$this->chance->getInt(0, count($of) - 1)];
    }
}
