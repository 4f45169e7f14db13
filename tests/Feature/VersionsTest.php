<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What there was of a piece: listed, named, compared and never lost; rules of this house. */
final class VersionsTest extends TestCase
{
    public function testVersionsAreListedWithWhatWasDoneAndNoneIsLost(): void
    {
        $id = $this->begin();
        $documents = [];
        foreach (['One', 'Two', 'Three'] as $version => $title) {
            $documents[$title] = [...self::small(), 'title' => $title];
            $this->save($id, $documents[$title], $version + 1)->assertOk();
        }
        $this->assertSame(
            [[4, 'now', 'Piece renamed “Three”'], [3, 'past', 'Piece renamed “Two”'],
                [2, 'past', 'Piece renamed “One”'], [1, 'past', null]],
            $this->listed($id),
        );
        // Undone, and then something else: what was undone stays in the list, and no undo or redo leads to it.
        $this->postJson("/api/pieces/$id/undo", ['steps' => 2], ['If-Match' => '"4"'])->assertOk();
        $this->assertSame(['redo', 'redo', 'now', 'past'], array_column($this->listed($id), 1));
        $this->save($id, [...self::small(), 'title' => 'Other'], 5)->assertOk()->assertJson(['canRedo' => false]);
        $this->assertSame(
            [[5, 'now', 'Piece renamed “Other”'], [4, 'aside', 'Piece renamed “Three”'],
                [3, 'aside', 'Piece renamed “Two”'], [2, 'past', 'Piece renamed “One”'], [1, 'past', null]],
            $this->listed($id),
        );
        $this->postJson("/api/pieces/$id/undo", [], ['If-Match' => '"6"'])->assertJsonPath('document.title', 'One');
        $this->postJson("/api/pieces/$id/redo", [], ['If-Match' => '"7"'])->assertJsonPath('document.title', 'Other');
        $this->getJson("/api/pieces/$id/versions/4")->assertOk()->assertJsonPath('document.title', 'Three');
        $this->getJson("/api/pieces/$id/versions/4/reel")->assertOk()->assertJsonStructure(['width', 'frames']);
        $this->getJson("/api/pieces/$id/versions/9")->assertNotFound();
    }

    public function testANameIsKeptAndFurtherSavesOfTheSameActDoNotChangeWhatHasOne(): void
    {
        $id = $this->begin();
        $save = fn (string $title, int $version) => $this->putJson(
            "/api/pieces/$id",
            ['document' => [...self::small(), 'title' => $title], 'act' => 'typing'],
            ['If-Match' => '"'.$version.'"'],
        )->assertOk();
        $save('As sent', 1);
        $this->putJson("/api/pieces/$id/versions/2", ['name' => '  as sent to the client '])
            ->assertOk()->assertJsonPath('name', 'as sent to the client');
        $save('As sent and changed', 2);
        $this->getJson("/api/pieces/$id/versions/2")->assertJsonPath('document.title', 'As sent');
        $this->assertSame([3, 2, 1], array_column($this->listed($id), 0));
        $this->putJson("/api/pieces/$id/versions/2", ['name' => ''])->assertJsonPath('name', null);
        $this->putJson("/api/pieces/$id/versions/2", ['name' => str_repeat('x', 81)])->assertStatus(422)
            ->assertJsonPath('where', 'name');
    }

    public function testTwoVersionsAreCompared(): void
    {
        $before = self::small();
        $after = $before;
        $after['tables'][0]['rows'][0]['cells'][0] = '4';
        $this->postJson('/api/versions/compared', ['before' => $before, 'after' => $after])->assertOk()
            ->assertJsonPath('differences', [['about' => 'figures', 'text' => 'Mended 73 % → 4', 'chart' => null]]);
        $after['charts'] = 'none';
        $this->postJson('/api/versions/compared', ['before' => $before, 'after' => $after])->assertStatus(422);
    }

    public function testALongListComesInPages(): void
    {
        $id = $this->begin();
        for ($version = 1; $version < 46; ++$version) {
            $this->save($id, [...self::small(), 'title' => "No $version"], $version)->assertOk();
        }
        $first = $this->getJson("/api/pieces/$id/versions")->assertJsonCount(40, 'versions')->json('more');
        $this->assertSame(7, $first);
        $this->getJson("/api/pieces/$id/versions?before=$first")->assertJsonCount(6, 'versions')
            ->assertJsonPath('more', null);
    }

    /** @return list<array{int, string, string|null}> */
    private function listed(string $id): array
    {
        $versions = $this->getJson("/api/pieces/$id/versions")->assertOk()->json('versions');

        return array_map(
            static fn (array $one): array => [$one['number'], $one['state'], $one['changes'][0]['text'] ?? null],
            $versions,
        );
    }
}
