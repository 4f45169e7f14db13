<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;

abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected string $folder;

    public function createApplication(): Application
    {
        $this->folder = sys_get_temp_dir().'/lupine-test-'.bin2hex(random_bytes(4));
        foreach (['app/rendering', 'app/hand-offs', 'framework/views', 'framework/cache/data', 'logs'] as $part) {
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
}
