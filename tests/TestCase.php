<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;
use Tests\Api\KeepsTheContract;

abstract class TestCase extends LaravelTestCase
{
    use KeepsTheContract;
    use RefreshDatabase;

    protected string $folder;

    private ?Process $painter = null;

    public function createApplication(): Application
    {
        $this->folder = sys_get_temp_dir().'/lupine-test-'.bin2hex(random_bytes(4));
        $framework = ['framework/views', 'framework/sessions', 'framework/cache/data'];
        foreach (['app/rendering', 'app/hand-offs', ...$framework, 'logs'] as $part) {
            mkdir($this->folder.'/'.$part, 0775, true);
        }
        putenv('LUPINE_DATA='.$this->folder);
        /** @var Application $app */
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function tearDown(): void
    {
        $this->painter?->stop(1);
        parent::tearDown();
        (new Filesystem())->deleteDirectory($this->folder);
    }

    /** @return array<string, mixed> */
    protected static function demo(string $name = 'the-mending-room'): array
    {
        return json_decode(
            (string) file_get_contents(__DIR__.'/../demo/'.$name.'.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }

    /** A piece of twelve small frames, so that a film of it takes a moment. */
    protected static function small(): array
    {
        $document = self::demo('mended-or-not');
        $document['stage'] = [
            'width' => 320,
            'height' => 180,
            'rate' => [30000, 1001],
            'dropFrame' => false,
            'frames' => 12,
        ];

        return $document;
    }

    /**
     * A piece of twelve small frames on which something comes.
     *
     * @return array<string, mixed>
     */
    protected static function moving(): array
    {
        $document = self::small();
        $document['charts'][0]['entrance'] = [
            ...$document['charts'][0]['entrance'], 'begin' => 0, 'frames' => 8, 'order' => 'together',
        ];
        $document['moves'] = [];

        return $document;
    }

    /** Works off the queues until nothing waits. */
    protected function makeFiles(): void
    {
        Artisan::call('queue:work', [
            'connection' => 'desk', '--queue' => 'listening', '--stop-when-empty' => true, '--sleep' => 0,
        ]);
        Artisan::call('queue:work', [
            '--queue' => 'soon,first,default', '--stop-when-empty' => true, '--sleep' => 0, '--tries' => 1,
            '--memory' => 1024,
        ]);
    }

    /** A small piece on the shelf. */
    protected function begin(): string
    {
        return $this->postJson('/api/pieces', ['document' => self::small()])
            ->assertCreated()
            ->json('id');
    }

    /** @param array<string, mixed> $document */
    protected function save(string $id, array $document, ?int $version): TestResponse
    {
        return $this->putJson(
            "/api/pieces/$id",
            ['document' => $document],
            $version === null ? [] : ['If-Match' => '"'.$version.'"'],
        );
    }

    /** Starts the painter of stills, as bin/start does, until the test is over. */
    protected function startPainter(): void
    {
        $socket = $this->folder.'/app/stills/painter.sock';
        @mkdir(dirname($socket), 0775, true);
        $this->painter = new Process(['node', base_path('renderer/dist/stills.js'), $socket]);
        $this->painter->start();
        for ($wait = 0; $wait < 100 && !file_exists($socket); ++$wait) {
            usleep(50_000);
        }
    }
}
