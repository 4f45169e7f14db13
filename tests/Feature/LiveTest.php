<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\TestCase;

/** What the desk shows after an edit, part by part. */
final class LiveTest extends TestCase
{
    public function testTheFrameOfThePlayheadComesFirstAndAllTogetherIsWhatOneAnswerWouldBe(): void
    {
        $document = self::demo();
        foreach ([0, 380, $document['stage']['frames'] + 10] as $frame) {
            [$seen, $sheet, $around] = $this->parts($document, $frame);
            $at = min($frame, $document['stage']['frames'] - 1);
            self::assertSame([$at, $at], [$seen['reel']['from'], $seen['reel']['to']]);
            self::assertNull($seen['sheet']);

            $whole = $this->postJson('/api/compute', [
                'document' => $document,
                'frame' => $frame,
                'inHurry' => true,
            ])->json();
            self::assertSame($whole['sheet'], $sheet['sheet']);
            self::assertSame($whole['problems'], $sheet['problems']);
            self::assertSame($whole['sheet']['places'], $seen['places']);
            self::assertSame($whole['reel'], $around['reel']);
        }
    }

    public function testWhatIsHeldInTheHandIsItsFrameAlone(): void
    {
        self::assertCount(1, $this->parts(self::demo(), 100, true));
    }

    /** Letters with coats are lines and arcs: the same made, kept, and made again of what was spoilt. */
    public function testAPictureOfKeptLettersIsThatOfNewOnes(): void
    {
        $document = self::demo();
        $document['words'][0]['lines'] = [['width' => 2]];
        $kept = storage_path('framework/letters/*.php');
        $made = $this->parts($document, 100, true);
        $letters = glob($kept) ?: [];
        self::assertNotSame([], $letters);
        $again = function () use ($document): array {
            // As the next request finds it.
            $this->app->forgetScopedInstances();
            opcache_reset();
            array_map(static fn (Route $route): mixed => $route->flushController(), Routes::getRoutes()->getRoutes());

            return $this->parts($document, 100, true);
        };
        self::assertSame($made, $again());

        foreach (['<?php return [["M",', ''] as $spoilt) {
            file_put_contents($letters[0], $spoilt);
            self::assertSame($made, $again());
            self::assertIsArray(require $letters[0]);
        }
        // What is kept is what is drawn: this would be another letter.
        foreach ($letters as $path) {
            file_put_contents($path, '<?php return [[], null];');
        }
        self::assertNotSame($made, $again());
    }

    public function testFiguresThatCannotBeDrawnAreToldAtOnce(): void
    {
        $document = self::demo();
        $document['tables'][0]['rows'][0]['cells'][0] = 'many';
        [$only] = $this->parts($document, 100);
        self::assertSame('impossible-figures', $only['problems'][0]['code']);
        self::assertNull($only['reel']);
        self::assertNotNull($only['sheet']);
        $document['lupine'] = 'none';
        $this->postJson('/api/compute/live', ['document' => $document, 'frame' => 0])->assertUnprocessable();
    }

    public function testAProofBeginsWithNothingButBlanks(): void
    {
        $answer = $this->postJson('/api/compute/proof', ['document' => self::demo()])->assertOk();
        self::assertSame('exact', $answer->json('word'));
        $heavy = self::demo();
        $heavy['stage']['frames'] = 90_000;
        $heavy['charts'][0]['entrance']['frames'] = 90_000;
        $heavy['charts'][0]['entrance']['order'] = 'together';
        $heavy['moves'] = [];
        $this->postJson('/api/compute/proof', ['document' => $heavy])->assertUnprocessable();
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<array<string, mixed>>
     */
    private function parts(array $document, int $frame, bool $isHeld = false): array
    {
        $body = ['document' => $document, 'frame' => $frame, 'isHeld' => $isHeld];
        $answer = $this->postJson('/api/compute/live', $body)->assertOk();
        $read = static fn (string $line): array => json_decode($line, true, 512, JSON_THROW_ON_ERROR);

        return array_map($read, explode("\n", rtrim($answer->streamedContent())));
    }
}
