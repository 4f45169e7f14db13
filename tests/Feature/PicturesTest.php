<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandOff;
use App\Models\Piece;
use Illuminate\Support\Facades\Cache;
use Tests\TestCase;

final class PicturesTest extends TestCase
{
    public function testStillsOfAFrame(): void
    {
        $id = $this->begin(self::small());
        $svg = $this->get("/api/pieces/$id/still.svg?frame=11")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml');
        $this->assertStringContainsString(
            'mended-or-not-00011.svg',
            (string) $svg->headers->get('Content-Disposition'),
        );
        $this->assertCount(2, (new \SimpleXMLElement((string) $svg->getContent()))->xpath('//*[@data-figure]') ?: []);
        $png = $this->get("/api/pieces/$id/still.png?frame=3")->assertOk();
        $this->assertSame([320, 180], array_slice((array) getimagesizefromstring((string) $png->getContent()), 0, 2));
        // A frame after the end is the last one.
        $this->get("/api/pieces/$id/still.svg?frame=99999")->assertOk();
    }

    public function testTransparentStillsStayTransparent(): void
    {
        $document = self::small();
        $document['backdrop']['kind'] = 'transparent';
        $id = $this->begin($document);
        $png = imagecreatefromstring((string) $this->get("/api/pieces/$id/still.png?frame=11")->getContent());
        $this->assertNotFalse($png);
        $this->assertSame(127, (imagecolorat($png, 2, 2) >> 24) & 127, 'fully transparent, as GD counts it');
    }

    public function testAReelCanBeAskedForInParts(): void
    {
        $id = $this->begin(self::demo());
        $part = $this->getJson("/api/pieces/$id/reel?from=200&to=210")->assertOk();
        $this->assertSame([200, 210, 480], [$part->json('from'), $part->json('to'), $part->json('frames')]);
        $whole = $this->getJson("/api/pieces/$id/reel")->assertOk();
        $this->assertSame([0, 479], [$whole->json('from'), $whole->json('to')]);
    }

    public function testThatAReelIsKeptByWhatItIsMadeOf(): void
    {
        $id = $this->begin(self::demo());
        $this->getJson("/api/pieces/$id/reel")->assertOk();
        $other = $this->begin(self::demo());
        Cache::spy();
        $this->assertSame(
            Piece::query()->findOrFail($id)->documentText(),
            Piece::query()->findOrFail($other)->documentText(),
        );
        $this->getJson("/api/pieces/$other/reel");
        Cache::shouldHaveReceived('remember')
            ->withArgs(
                static fn (string $key): bool => str_starts_with(
                    $key,
                    'reel:'.hash('sha256', Piece::query()->findOrFail($id)->documentText()),
                ),
            )
            ->once();
    }

    public function testTheShelfShowsAPieceAsItIsNow(): void
    {
        $id = $this->begin(self::small());
        $this->assertSame(
            '00:00:00;12',
            str_replace(':12', ';12', $this->getJson('/api/pieces')->json('pieces.0.length')),
        );
        $changed = self::small();
        $changed['stage']['frames'] = 24;
        $this->putJson("/api/pieces/$id", ['document' => $changed])->assertOk();
        $this->assertSame(24, $this->getJson('/api/pieces')->json('pieces.0.frames'));
    }

    public function testHandOffsAreListedNewestFirstAndOnlyFinishedOnesCanBeFetched(): void
    {
        $this->freezeSecond();
        $id = $this->begin(self::small());
        $first = $this->postJson("/api/pieces/$id/hand-offs")
            ->assertCreated()
            ->json('id');
        $this->travel(2)->seconds();
        $second = $this->postJson("/api/pieces/$id/hand-offs")
            ->assertCreated()
            ->json('id');
        $this->assertSame([$second, $first], array_column($this->getJson('/api/hand-offs')->json('handOffs'), 'id'));
        HandOff::query()
            ->whereKey($first)
            ->update(['status' => 'running', 'started_at' => now()->subSeconds(4), 'frames_done' => 6]);
        $running = $this->getJson("/api/hand-offs/$first")->assertOk();
        $this->assertSame(4, $running->json('secondsLeft'), 'half done in four seconds');
        $this->deleteJson("/api/hand-offs/$first")->assertStatus(409);
        $this->postJson("/api/hand-offs/$first/retry")->assertStatus(409);
        $this->get("/api/hand-offs/$first/file")->assertNotFound();
        $this->deleteJson("/api/hand-offs/$second")->assertOk();
    }

    public function testAPieceThatIsDeletedLeavesItsFilms(): void
    {
        $id = $this->begin(self::small());
        $film = $this->postJson("/api/pieces/$id/hand-offs")->json('id');
        $this->deleteJson("/api/pieces/$id")->assertOk();
        $this->getJson("/api/hand-offs/$film")
            ->assertOk()
            ->assertJsonPath('title', 'Mended or not');
    }

    public function testThePageIsServedAndUnknownAddressesAreAnsweredPlainly(): void
    {
        $this->withoutVite();
        foreach (['/', '/pieces/anything', '/hand-offs'] as $path) {
            $this->get($path)->assertOk()->assertSee('id="lupine"', false);
        }
        $missing = $this->getJson('/api/pieces/nothing')->assertNotFound();
        $this->assertArrayNotHasKey('trace', (array) $missing->json());
        $this->getJson('/api/nowhere')->assertNotFound();
    }

    /** @param array<string, mixed> $document */
    private function begin(array $document): string
    {
        return $this->postJson('/api/pieces', ['document' => $document])
            ->assertCreated()
            ->json('id');
    }
}
