<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\AlikePair;
use App\Api\ApartColours;
use App\Api\Gone;
use App\Api\PaletteEntry;
use App\Api\Palettes;
use App\Api\Swatches;
use App\Http\Body;
use App\Http\Reply;
use App\Models\Palette;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Finish\ToldApart;
use Lupine\Core\Palette\MadePalette;
use Lupine\Core\Palette\Palette as Colours;
use Lupine\Core\Palette\ReadPalette;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/** Palettes: read, made, kept and looked at with other eyes. */
final readonly class PaletteController
{
    private const MOST = 200;

    /** colours that are repaired at once: beyond them there is no room for all to be told apart */
    private const MOST_REPAIRED = 12;

    public function index(): JsonResponse
    {
        return Reply::of(self::all());
    }

    /** The colours of a text or a file; nothing is kept. */
    public function read(Request $request): JsonResponse
    {
        $name = trim(Field::root($request->query())->get('name')->text(200, ''));
        $read = ReadPalette::of((string) $request->getContent(), $name === '' ? 'Palette' : $name);

        return Reply::of(new PaletteEntry('', $read->name, $read->colours));
    }

    /** Colours for so many parts from one or more that are given. */
    public function made(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $given = self::colours($body->get('given'));

        return Reply::of(new Swatches(MadePalette::of(
            $given,
            $body->get('count')->whole(count($given), max(count($given), self::MOST_REPAIRED)),
            $body->get('ground')->colour(),
        )));
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $colours = new Colours($body->get('name')->text(Colours::LONGEST_NAME), self::colours($body->get('colours')));
        DB::transaction(static function () use ($colours): void {
            if (Palette::query()->count() >= self::MOST) {
                throw new BadPiece(sprintf('There are %d palettes already. Remove one first.', self::MOST), 'name');
            }
            $last = Palette::query()->max('place');
            Palette::query()->create([
                'name' => $colours->name === '' ? 'Palette' : $colours->name,
                'colours' => $colours->colours,
                'place' => (is_numeric($last) ? (int) $last : 0) + 1,
            ]);
        });

        return Reply::of(self::all(), 201);
    }

    /** Another name, or other colours. */
    public function update(Request $request, Palette $palette): JsonResponse
    {
        $body = Body::of($request);
        $colours = new Colours(
            $body->has('name') ? $body->get('name')->text(Colours::LONGEST_NAME) : $palette->name,
            $body->has('colours') ? self::colours($body->get('colours')) : $palette->colours,
        );
        $palette->update([
            'name' => $colours->name === '' ? $palette->name : $colours->name,
            'colours' => $colours->colours,
        ]);

        return Reply::of(self::all());
    }

    /** The order in which they are shown. */
    public function order(Request $request): JsonResponse
    {
        $ids = array_map(
            static fn (Field $id): string => $id->text(26),
            Body::of($request)->get('ids')->items(self::MOST),
        );
        DB::transaction(static function () use ($ids): void {
            foreach ($ids as $place => $id) {
                Palette::query()->whereKey($id)->update(['place' => $place + 1]);
            }
        });

        return Reply::of(self::all());
    }

    public function destroy(Palette $palette): JsonResponse
    {
        $palette->delete();

        return Reply::of(new Gone($palette->id));
    }

    /** How well colours are told apart, and how little it takes to mend it. */
    public function apart(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $colours = self::colours($body->get('colours'));
        $ground = $body->get('ground')->isNull() ? null : $body->get('ground')->colour();
        $alike = ToldApart::alike($colours);
        $repaired = $alike === [] || count($colours) > self::MOST_REPAIRED
            ? $colours
            : ToldApart::repaired($colours, [], $ground);

        return Reply::of(new ApartColours(
            array_map(self::pair(...), $alike),
            array_map(
                static fn (array $pair): AlikePair => new AlikePair(
                    $pair[0],
                    $pair[1],
                    'in grey',
                    'grey',
                    round($pair[2], 1),
                ),
                ToldApart::greyAlike($colours),
            ),
            ToldApart::ENOUGH,
            $repaired,
            array_map(self::pair(...), ToldApart::alike($repaired)),
        ));
    }

    /** @param array{int, int, ColourVision, float} $pair */
    private static function pair(array $pair): AlikePair
    {
        return new AlikePair($pair[0], $pair[1], $pair[2]->people(), $pair[2]->value, round($pair[3], 1));
    }

    private static function all(): Palettes
    {
        /** @var list<Palette> $kept */
        $kept = Palette::query()->orderBy('place')->orderBy('id')->get()->all();

        return new Palettes(array_map(
            static fn (Palette $palette): PaletteEntry => new PaletteEntry(
                $palette->id,
                $palette->name,
                $palette->colours,
            ),
            $kept,
        ));
    }

    /** @return non-empty-list<string> */
    private static function colours(Field $field): array
    {
        $colours = array_map(static fn (Field $one): string => $one->colour(), $field->items(Colours::MOST));

        return $colours !== [] ? $colours : throw $field->wrong('is empty; at least one colour is needed');
    }
}
