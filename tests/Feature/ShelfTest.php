<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** The shelf: folders, ways to sort, and a bin that keeps what was deleted; rules of this house. */
final class ShelfTest extends TestCase
{
    public function testPiecesLieInFoldersAndAreSorted(): void
    {
        $ids = [];
        foreach (['Cups', 'Anchors', 'Bells'] as $at => $title) {
            $this->travelTo(now()->startOfDay()->addMinutes($at));
            $ids[$title] = $this->postJson('/api/pieces', ['document' => [...self::small(), 'title' => $title]])
                ->assertCreated()->json('id');
        }
        $titles = fn (string $query): array => array_column(
            $this->getJson("/api/pieces?$query")->assertOk()->json('pieces'),
            'title',
        );
        $this->assertSame(['Bells', 'Anchors', 'Cups'], $titles(''));
        $this->assertSame(['Anchors', 'Bells', 'Cups'], $titles('sort=title'));
        $this->travel(1)->hours();
        $this->save($ids['Cups'], [...self::small(), 'title' => 'Cups'], 1)->assertOk();
        $this->assertSame(['Cups', 'Bells', 'Anchors'], $titles('sort=changed'));
        $this->assertSame(['Bells', 'Anchors', 'Cups'], $titles('sort=made'));
        $this->getJson('/api/pieces?sort=colour')->assertStatus(422);

        $changed = $this->getJson('/api/pieces')->json('pieces.0.updatedAt');
        $this->travel(1)->hours();
        foreach (['Cups' => ' spring ', 'Anchors' => 'spring', 'Bells' => 'Autumn'] as $title => $folder) {
            $this->putJson("/api/pieces/{$ids[$title]}/folder", ['folder' => $folder])->assertOk();
        }
        $this->assertSame(['Cups', 'Anchors'], $titles('folder=spring'));
        $shelf = $this->getJson('/api/pieces');
        $this->assertSame(
            [['name' => 'Autumn', 'count' => 1], ['name' => 'spring', 'count' => 2]],
            $shelf->json('folders'),
        );
        $this->assertSame($changed, $shelf->json('pieces.0.updatedAt'), 'where it lies is no change of it');
        $this->putJson("/api/pieces/{$ids['Bells']}/folder", ['folder' => ''])->assertJsonPath('folder', null);
        $this->assertSame(['spring'], array_column($this->getJson('/api/pieces')->json('folders'), 'name'));
    }

    public function testAPageByTitleGoesOnWhereTheOneBeforeEnded(): void
    {
        for ($number = 0; $number < 27; ++$number) {
            $title = sprintf('Piece ~ %02d', 26 - $number);
            $this->postJson('/api/pieces', ['document' => [...self::small(), 'title' => $title]])->assertCreated();
        }
        $first = $this->getJson('/api/pieces?sort=title')->assertJsonCount(24, 'pieces');
        $next = $this->getJson('/api/pieces?sort=title&after='.rawurlencode($first->json('next')));
        $this->assertSame(
            ['Piece ~ 24', 'Piece ~ 25', 'Piece ~ 26'],
            array_column($next->assertOk()->json('pieces'), 'title'),
        );
    }

    public function testTheBinSaysWhatWasDeletedAndForHowLongItIsKept(): void
    {
        $id = $this->begin();
        $this->deleteJson("/api/bin/$id")->assertStatus(422);
        $this->deleteJson("/api/pieces/$id")->assertOk();
        $this->assertSame(1, $this->getJson('/api/pieces')->json('inBin'));
        $this->travel(10)->days();
        $bin = $this->getJson('/api/bin')->assertOk();
        $this->assertSame([30, $id], [$bin->json('days'), $bin->json('pieces.0.id')]);
        $this->assertSame(20, $bin->json('pieces.0.daysLeft'));
        $this->postJson("/api/pieces/$id/restore")->assertOk();
        $this->assertSame([], $this->getJson('/api/bin')->json('pieces'));
        $this->deleteJson("/api/pieces/$id")->assertOk();
        $this->deleteJson("/api/bin/$id")->assertOk();
        $this->assertSame([], $this->getJson('/api/bin')->json('pieces'));
        $this->postJson("/api/pieces/$id/restore")->assertNotFound();
    }
}
