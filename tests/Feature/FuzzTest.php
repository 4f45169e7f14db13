<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Lupine\Core\Tests\Rounds;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TakesSoon;
use Tests\TestCase;

/**
 * Bad input to every route and every command, made by a seeded generator: it is answered with a 4xx and a sentence, or
 * accepted and drawn as SVG that is well-formed; never with a 5xx, and never slowly.
 */
final class FuzzTest extends TestCase
{
    use TakesSoon;

    private const SEED = 20_261_125;
    /** with LUPINE_FUZZ=12000 as many more are tried, from the same seed */
    private const REQUESTS = 300;
    private const MANY_REQUESTS = 2_700;
    private const COMMANDS = 300;
    /** of the processor */
    private const SECONDS = 2.0;

    private Randomizer $chance;

    protected function setUp(): void
    {
        parent::setUp();
        $this->chance = new Randomizer(new Mt19937(self::SEED));
        // Painting stills is Node's work and tried elsewhere; here it is refused at once.
        config(['lupine.stills_at_once' => 0]);
    }

    public function testRequests(): void
    {
        $id = (string) $this->postJson('/api/pieces', ['document' => self::small()])->json('id');
        $film = (string) $this->postJson("/api/pieces/$id/hand-offs")->json('id');
        $version = 1;
        $most = max(Rounds::of(self::REQUESTS, self::MANY_REQUESTS), (int) getenv('LUPINE_FUZZ'));
        for ($case = 0; $case < $most; ++$case) {
            [$method, $path, $headers, $body] = $this->request($id, $film, $version);
            $pieces = $this->getJson('/api/pieces')->json('count');
            $before = self::processor();
            $answer = $this->call($method, $path, [], [], [], self::server($headers), $body);
            $took = self::processor() - $before;
            $status = $answer->getStatusCode();
            $what = sprintf(
                "case %d: %s %s %s\n%s\n→ %d",
                $case,
                $method,
                $path,
                json_encode($headers),
                substr($body, 0, 800),
                $status,
            );
            $isBusy = $status === 503 && str_contains($path, 'still.png');
            self::assertTrue($status < 500 || $isBusy, $what.' '.substr((string) $answer->getContent(), 0, 400));
            self::assertTookUnder(self::SECONDS, $took, $what);
            if ($status >= 400 && !$isBusy && str_starts_with($path, '/api/')) {
                self::assertGreaterThan(10, strlen((string) $answer->json('message')), $what.': no sentence');
                self::assertSame(
                    $pieces,
                    $this->getJson('/api/pieces')->json('count'),
                    $what.': something was left behind',
                );
            }
            if ($status === 201 && str_ends_with($path, '/pieces')) {
                $this->drawnWellFormed((string) $answer->json('id'), $what);
            }
            $version = (int) ($this->getJson("/api/pieces/$id")->json('version') ?? 1);
            if ($version === 1 && $this->getJson("/api/pieces/$id")->status() === 404) {
                $this->postJson("/api/pieces/$id/restore")->assertOk();
            }
        }
    }

    public function testCommands(): void
    {
        for ($case = 0; $case < self::COMMANDS; ++$case) {
            $table = $this->folder.'/table.csv';
            $piece = $this->folder.'/piece.json';
            file_put_contents($table, $this->text());
            file_put_contents(
                $piece,
                $this->chance->getInt(0, 3) === 0 ? $this->text() : $this->encoded($this->mutated(self::small())),
            );
            [$command, $arguments] = match ($this->chance->getInt(0, 4)) {
                0 => ['lupine:new', ['table' => $table, '--set' => [$this->text().'='.$this->text()]]],
                1 => ['lupine:new', ['table' => $table, '--form' => $this->text(), '--title' => $this->text()]],
                2 => ['lupine:draw', ['piece' => $piece, 'out' => $this->folder.'/out.svg', '--at' => $this->text()]],
                3 => ['lupine:proof', ['piece' => $piece]],
                default => ['lupine:reel', ['piece' => $piece]],
            };
            $before = self::processor();
            $status = Artisan::call($command, $arguments);
            $what = sprintf(
                'case %d: %s %s',
                $case,
                $command,
                (string) json_encode($arguments, JSON_INVALID_UTF8_SUBSTITUTE),
            );
            self::assertContains($status, [0, 1, 2], $what);
            self::assertTookUnder(self::SECONDS, self::processor() - $before, $what);
            if ($status === 2) {
                self::assertGreaterThan(10, strlen(Artisan::output()), $what.': no sentence');
            }
        }
    }

    private function drawnWellFormed(string $id, string $what): void
    {
        $svg = $this->get("/api/pieces/$id/still.svg?frame=5");
        if ($svg->getStatusCode() === 200) {
            self::assertNotFalse(
                @simplexml_load_string((string) $svg->getContent()),
                $what.': the SVG is not well-formed',
            );
        } else {
            self::assertSame(422, $svg->getStatusCode(), $what);
        }
        $this->deleteJson("/api/pieces/$id");
    }

    /** @return array{string, string, array<string, string>, string} method, path, headers and body */
    private function request(string $id, string $film, int $version): array
    {
        $document = fn (): string => '{"document":'.$this->encoded($this->mutated(self::small())).'}';
        $field = fn (): string => $this->encoded($this->value(2));
        $json = ['Content-Type' => 'application/json'];
        $tag = [
            'If-Match' => $this->pick([
                '"'.$version.'"',
                '',
                '*',
                'W/"1"',
                '"1", "2"',
                $this->text(),
                '"99999999999999999999"',
            ]),
        ];
        $query = fn (): string => rawurlencode($this->text());

        return match ($this->chance->getInt(0, 23)) {
            0 => ['POST', '/api/pieces', $json, $document()],
            1 => ['POST', '/api/compute', $json, $document()],
            2 => ['POST', '/api/compute/proof', $json, $document()],
            3 => ['PUT', "/api/pieces/$id", [...$json, ...$tag], $document()],
            4 => [
                'POST',
                '/api/pieces',
                $json,
                '{"text":'.$field().',"form":'.$field().',"title":'.$field().'}',
            ],
            5 => ['POST', '/api/figures/read', $json, '{"text":'.$this->encoded($this->text()).'}'],
            6 => ['POST', '/api/figures/read', $json, '{"text":'.$field().'}'],
            7 => [
                'POST',
                '/api/figures/read',
                $json,
                '{"text":'.$this->encoded($this->text()).',"whole":'.$field().'}',
            ],
            8 => [
                'POST',
                '/api/compute',
                $json,
                '{"document":'.$this->encoded([...self::small(), 'tables' => $this->mutated(self::small()['tables'])]).'}',
            ],
            9 => [
                'POST',
                '/api/numbers/read',
                $json,
                '{"text":'.$this->encoded($this->text()).',"unit":"frames","rate":'.$field().'}',
            ],
            10 => [
                'POST',
                '/api/numbers/read',
                $json,
                '{"text":'.$this->encoded($this->text()).',"unit":'.$field().',"dropFrame":'.$field().'}',
            ],
            11 => [
                'POST',
                $this->pick(['/api/compute', '/api/pieces', "/api/pieces/$id/undo"]),
                [...$json, ...$tag],
                $this->text(),
            ],
            12 => [
                'POST',
                "/api/pieces/$id/".$this->pick(['undo', 'redo', 'restore', $query()]),
                [...$json, ...$tag],
                '',
            ],
            13 => [
                'GET',
                "/api/pieces/$id/".
                $this->pick(['reel', 'still.svg', 'still.png']).
                '?frame='.
                $query().
                '&from='.
                $query().
                '&to[]='.
                $query(),
                [],
                '',
            ],
            14 => [
                'GET',
                '/api/'.
                $this->pick(['pieces', 'hand-offs']).
                '?search='.
                $query().
                '&after='.
                $query().
                '&piece='.
                $query(),
                [],
                '',
            ],
            15 => [
                'GET',
                '/'.$this->pick(['', 'api/', 'api/pieces/', "api/hand-offs/$film/", 'pieces/']).$query(),
                [],
                '',
            ],
            16 => [
                $this->pick(['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']),
                $this->pick(["/api/hand-offs/$film", '/api/pieces/'.$query(), '/']),
                $json,
                $this->text(),
            ],
            17 => ['POST', '/api/forms', $json, '{"chart":"chart1",'.substr($document(), 1)],
            18 => ['POST', '/api/pieces', $json, '{"starter":'.$field().'}'],
            20 => [
                'POST',
                $this->pick(['/api/uploads', '/api/listenings', '/api/tables/sheet', '/api/tables/again']),
                $json,
                '{"kind":'.$this->encoded($this->pick(['file', 'words', 'scratch'])).',"name":'.$field()
                    .',"bytes":'.$field().',"upload":'.$field().',"file":'.$field().',"sheet":'.$field()
                    .',"import":{"file":'.$field().'},"table":"t1",'.substr($document(), 1),
            ],
            21 => [
                'PUT',
                '/api/uploads/'.$query().'?at='.$query(),
                ['Content-Type' => 'application/octet-stream'],
                $this->text(),
            ],
            22 => ['POST', '/api/tables?name='.$query(), ['Content-Type' => 'application/octet-stream'], $this->text()],
            23 => ['POST', '/api/hand-offs/cancel', $json, '{"piece":'.$field().'}'],
            default => [
                'POST',
                '/api/pieces',
                ['Content-Type' => $this->pick(['text/plain', 'multipart/form-data', $this->text()])],
                $this->text(),
            ],
        };
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed> with one to three of its places changed
     */
    private function mutated(array $document): array
    {
        for ($change = $this->chance->getInt(1, 3); $change > 0; --$change) {
            $place = &$document;
            while (is_array($place) && $place !== [] && $this->chance->getInt(0, 15) > 0) {
                $place = &$place[$this->pick(array_keys($place))];
            }
            $place = $this->value(3);
            unset($place);
            $document = is_array($document) ? $document : [];
        }

        return $document;
    }

    private function value(int $deep): mixed
    {
        return match ($this->chance->getInt(0, $deep > 0 ? 10 : 7)) {
            0, 1 => $this->text(),
            2 => $this->pick([0, -1, 1, 1.5, 1e300, -1e300, 1e-300, PHP_INT_MAX, PHP_INT_MIN, 17_999, 18_001]),
            3 => $this->chance->getInt(-1000, 20_000),
            4 => $this->pick([null, true, false]),
            5 => [],
            6 => $this->pick(['#12ab9f', "#12ab9f\n", 'c1', "c1\n", 'r1', 'chart1', 'rest', '100 %', '1/0', '0*1']),
            7 => $this->chance->getInt(0, 1000) / 7,
            8 => $this->nested($this->chance->getInt(1, 600)),
            9 => array_map(fn (): mixed => $this->value($deep - 1), range(1, $this->chance->getInt(1, 4))),
            default => [$this->text() => $this->value($deep - 1), 'id' => $this->value($deep - 1)],
        };
    }

    private function nested(int $depth): mixed
    {
        $value = 1;
        for ($level = 0; $level < $depth; ++$level) {
            $value = $this->chance->getInt(0, 1) === 0 ? [$value] : ['k' => $value];
        }

        return $value;
    }

    private function text(): string
    {
        $signs = [
            '0',
            '9',
            '1',
            '.',
            ',',
            ';',
            ':',
            '"',
            "'",
            "\n",
            "\r",
            "\t",
            ' ',
            '-',
            '+',
            '*',
            '/',
            '(',
            ')',
            '%',
            '€',
            'é',
            'ß',
            '🫖',
            '<',
            '&',
            '>',
            ']]>',
            "\u{0}",
            "\u{1}",
            "\u{FFFE}",
            "\u{200B}",
            "\u{202E}",
            "\xC3",
            "\xFF",
            '{',
            '}',
            '[',
            '\\',
            '|',
            'rest',
            'Kettles',
            'e308',
        ];
        $whole = [
            '',
            '99999999999999999999:00:00:00',
            '9223372036854775807',
            '-9223372036854775808',
            '0:00:00:00',
            '1e999',
            'NaN',
            'null',
            '*',
            '"Kettles" and pans,512',
            '"Oma" Café,5',
            '=1+1',
            '../../etc/hosts',
            '%00',
            "a\tb\nc\td",
            "Kettles\t3\nLamps\t5",
        ];
        if ($this->chance->getInt(0, 2) === 0) {
            return $this->pick($whole);
        }
        $text = '';
        for ($length = $this->pick([1, 3, 8, 30, 300]); $length > 0; --$length) {
            $text .= $this->pick($signs);
        }

        return $text;
    }

    private function encoded(mixed $value): string
    {
        return (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR, 1000);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->chance->getInt(0, count($choices) - 1)];
    }

    /**
     * @param array<string, string> $headers
     *
     * @return array<string, string>
     */
    private static function server(array $headers): array
    {
        $server = ['HTTP_ACCEPT' => 'application/json'];
        foreach ($headers as $name => $value) {
            $key = strtoupper(strtr($name, '-', '_'));
            $server[$key === 'CONTENT_TYPE' ? $key : 'HTTP_'.$key] = $value;
        }

        return $server;
    }
}
