<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Listen;
use App\Models\Listening;
use App\Models\WorkStatus;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;

/** Adds recordings as the desk does: sent in parts, then listened to by a worker. */
trait AddsSounds
{
    /** @param list<string> $from */
    private function made(string $name, array $from): string
    {
        $file = $this->folder.'/'.$name;
        (new Process(['ffmpeg', '-v', 'error', '-y', ...$from, $file]))->mustRun();

        return $file;
    }

    /** @return array{sound: string, seconds: float} */
    private function took(string $file): array
    {
        return $this->listened($this->sent($file));
    }

    private function refusal(string $file): ?string
    {
        $this->listen($this->sent($file));
        $last = Listening::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(WorkStatus::Failed, $last->status);

        return $last->message;
    }

    /** @return array<string, mixed> what asks for the file to be read */
    private function sent(string $file): array
    {
        $bytes = (string) file_get_contents($file);
        $upload = $this->postJson('/api/uploads', ['name' => basename($file), 'bytes' => strlen($bytes)])->json('id');
        foreach (str_split($bytes, 100_000) as $index => $part) {
            $this->part($upload, $index * 100_000, $part)->assertOk();
        }

        return ['kind' => 'file', 'upload' => $upload, 'name' => basename($file)];
    }

    /** @return TestResponse<Response> */
    private function part(string $upload, int $at, string $bytes): TestResponse
    {
        return $this->call('PUT', "/api/uploads/$upload?at=$at", [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_ACCEPT' => 'application/json',
        ], $bytes);
    }

    /**
     * @param array<string, mixed> $asked
     *
     * @return array<string, mixed>
     */
    private function listened(array $asked): array
    {
        $id = $this->listen($asked);
        $listening = $this->getJson("/api/listenings/$id")->assertOk();
        self::assertSame('done', $listening->json('status'), (string) $listening->json('message'));

        return $listening->json('result');
    }

    /** @param array<string, mixed> $asked */
    private function listen(array $asked): string
    {
        $id = $this->postJson('/api/listenings', $asked)->assertCreated()->json('id');
        $this->work();

        return $id;
    }

    private function work(string $queue = Listen::QUEUE): void
    {
        Artisan::call('queue:work', [
            'connection' => 'desk', '--queue' => $queue, '--stop-when-empty' => true, '--sleep' => 0,
        ]);
    }
}
