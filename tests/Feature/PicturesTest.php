<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Desk\KeptReels;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Filesystem\Filesystem;
use Tests\TestCase;

final class PicturesTest extends TestCase
{
    public function testStillsOfAFrame(): void
    {
        $this->startPainter();
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
        $this->get("/api/pieces/$id/still.svg?frame=17999")->assertOk();
    }

    public function testTransparentStillsStayTransparent(): void
    {
        $this->startPainter();
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
        $this->assertSame([200, 210, 570], [$part->json('from'), $part->json('to'), $part->json('frames')]);
        $whole = $this->getJson("/api/pieces/$id/reel")->assertOk();
        $this->assertSame([0, 569], [$whole->json('from'), $whole->json('to')]);
    }

    public function testAPieceWithAShutterIsHandedOffWithItsMoments(): void
    {
        $this->startPainter();
        $document = self::demo();
        $moving = 180;
        unset($document['shutter']);
        $sharp = $this->get('/api/pieces/'.$this->begin($document)."/still.png?frame=$moving")->assertOk();
        $document['shutter'] = ['angle' => 360, 'samples' => 9, 'charts' => true, 'words' => true, 'camera' => true];
        $id = $this->begin($document);
        $blurred = $this->get("/api/pieces/$id/still.png?frame=$moving")->assertOk();
        $this->assertNotSame($sharp->getContent(), $blurred->getContent());

        $part = $this->postJson('/api/compute/filmed', ['document' => $document, 'frame' => $moving])->assertOk();
        $this->assertSame([9, $moving], [$part->json('samples'), $part->json('from')]);
        $desk = $this->postJson('/api/compute', ['document' => $document, 'frame' => 0])->assertOk();
        $this->assertSame(1, $desk->json('reel.samples'), 'the desk’s own reel has frames alone');
    }

    public function testAReelIsKeptByWhatItIsMadeOfAndByItsRange(): void
    {
        [$id, $other] = [$this->begin(self::demo()), $this->begin(self::demo())];
        $first = $this->get("/api/pieces/$id/reel")
            ->assertOk()
            ->getContent();
        $kept = fn (): array => glob($this->folder.'/framework/reels/reel-*.json') ?: [];
        $this->assertCount(1, $kept());
        // What is kept is what is answered, to whichever piece has the same document.
        file_put_contents($kept()[0], str_replace('"frames":570', '"frames":571', (string) $first)."\n");
        $this->assertSame(571, $this->getJson("/api/pieces/$other/reel")->json('frames'));
        $this->get("/api/pieces/$other/reel?from=5&to=6");
        $this->assertCount(2, $kept());
        // A file that was cut short is not believed.
        file_put_contents($kept()[0], '{"width":1');
        file_put_contents($kept()[1], '{"width":1');
        $this->assertSame($first, $this->get("/api/pieces/$id/reel")->getContent());
    }

    public function testKeptReelsHaveABoundInBytes(): void
    {
        $kept = new KeptReels(new Filesystem(), $this->folder.'/kept', 10_000);
        for ($number = 0; $number < 60; ++$number) {
            $kept->remember(
                'reel',
                "document {$number}",
                'whole',
                static fn (): string => '{"x":"'.str_repeat('x', 1000).'"}',
            );
        }
        $this->assertLessThanOrEqual(10_000, $kept->makeRoom());
        $this->assertGreaterThan(5_000, $kept->makeRoom());
    }

    public function testManyStillsAtOnceAreRefusedWithAReasonThatPasses(): void
    {
        $id = $this->begin(self::small());
        $this->get("/api/pieces/$id/still.png")
            ->assertStatus(503)
            ->assertHeader('Retry-After', '1');
        $this->startPainter();
        config(['lupine.stills_at_once' => 0]);
        $this->get("/api/pieces/$id/still.png")->assertStatus(503);
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
        $this->putJson("/api/pieces/$id", ['document' => $changed], ['If-Match' => '"1"'])->assertOk();
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
            ->update(['status' => WorkStatus::Running, 'started_at' => now()->subSeconds(4), 'frames_done' => 6]);
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
