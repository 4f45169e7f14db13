<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Api\FontAxis;
use App\Api\FontCut;
use App\Api\FontEntry;
use App\Desk\KeptReels;
use App\Disk\FullDisk;
use App\Disk\Kept;
use App\Models\Font;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lupine\Core\Contract\Map;
use Lupine\Core\Piece\Fonts as Shipped;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * The fonts of one's own: files and packs beside the database. A font is called by its name and the beginning of the
 * fingerprint of its file and its axes, so that the same font has the same id on every machine.
 */
final readonly class FontStore
{
    /** of a file, in bytes; and how many fonts there may be */
    public const MOST_BYTES = 15_000_000;
    private const MOST = 300;

    private const FILE = '.otf';
    private const PACK = '.pack.json';
    private const SECONDS = 60;

    public function __construct(private Kept $kept, private KeptReels $reels, private Faces $faces)
    {
    }

    /** @return list<FontEntry> by their names */
    public function all(): array
    {
        /** @var list<Font> $fonts */
        $fonts = Font::query()->orderBy('name')->get()->all();

        return array_map(self::entry(...), $fonts);
    }

    public function find(string $id): ?Font
    {
        return Shipped::isOwn($id) ? Font::query()->find($id) : null;
    }

    /**
     * Keeps a font. One that is here already is given back as it is.
     *
     * @param array<string, float> $axes of a variable font; those that are missing are as usual
     *
     * @throws FontFailed where it is none, is broken or too large
     * @throws FullDisk
     */
    public function keep(string $bytes, string $name, array $axes = []): FontEntry
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new FontFailed(sprintf('“%s” is larger than 15 MB. Export it with the signs that you need.', $name));
        }
        $given = $this->kept->room(hash('sha256', $bytes), '.new.'.Kept::newUlid());
        $plain = $given.'.plain';
        try {
            if (@file_put_contents($given, $bytes) !== strlen($bytes)) {
                throw new FullDisk();
            }
            $told = json_decode(self::ask(['look', $given, $plain], $name), true, 16, JSON_THROW_ON_ERROR);
            $source = (string) hash_file('sha256', $plain);
            if (!is_array($told) || !@rename($plain, $this->kept->room($source, self::FILE))) {
                throw new FullDisk();
            }

            return $this->made($source, $told, $axes);
        } finally {
            @unlink($given);
            @unlink($plain);
        }
    }

    /**
     * Another weight, width or slant of a variable font.
     *
     * @param array<string, float> $axes by tag
     *
     * @throws FontFailed where there is no such font
     */
    public function cut(string $id, array $axes): FontEntry
    {
        $font = $this->find($id) ?? throw self::gone($id);

        return $this->made($font->source, $font->told, $axes);
    }

    /** @throws FontFailed where there is no such font, or a piece or a kit uses it */
    public function remove(string $id): void
    {
        $font = $this->find($id) ?? throw self::gone($id);
        $users = [
            ...DB::table('revisions')
                ->join('pieces', 'pieces.id', '=', 'revisions.piece_id')
                ->whereColumn('revisions.number', 'pieces.head')
                ->whereNull('deleted_at')
                ->where('document', 'like', '%'.$id.'%')
                ->pluck('title'),
            ...DB::table('kits')->where('document', 'like', '%'.$id.'%')->pluck('name'),
        ];
        if ($users !== []) {
            $named = implode(', ', array_map(
                static fn (mixed $name): string => sprintf('“%s”', is_string($name) ? $name : ''),
                array_slice($users, 0, 3),
            ));
            throw new FontFailed(sprintf(
                '“%s” is used by %s%s. Choose another font there first.',
                $font->name,
                $named,
                count($users) > 3 ? sprintf(' and %d more', count($users) - 3) : '',
            ));
        }
        $font->delete();
        $this->kept->drop(self::fingerprint($font->source, $font->axes), [self::PACK]);
        if (!Font::query()->where('source', $font->source)->exists()) {
            $this->kept->drop($font->source, [self::FILE]);
        }
    }

    /** @return array<string, mixed>|null the pack of a font, decoded; null where it is not here */
    public function pack(string $id): ?array
    {
        $path = $this->packPath($id);
        $pack = $path === null ? null : json_decode((string) file_get_contents($path), true, 16);
        /** @var array<string, mixed>|null $pack */

        return is_array($pack) ? $pack : null;
    }

    /** Where the pack of a font is; null where it is not here. */
    public function packPath(string $id): ?string
    {
        $face = $this->face($id);

        return $face === null ? null : $this->kept->find(self::fingerprint($face->source, $face->axes), self::PACK);
    }

    /** What a font of one's own is cut from; null where it is not known. */
    public function face(string $id): ?Face
    {
        return Shipped::isOwn($id) ? $this->faces->find($id) : null;
    }

    /** Where the file of a font is; null where it is not here. */
    public function path(string $source): ?string
    {
        return $this->kept->find($source, self::FILE);
    }

    /**
     * @param array<array-key, mixed> $told
     * @param array<string, float> $axes
     */
    private function made(string $source, array $told, array $axes): FontEntry
    {
        [$values, $style] = self::valuesOf($told, $axes);
        $family = is_string($told['family'] ?? null) ? $told['family'] : '';
        $name = mb_strimwidth(trim($family.' '.($style === 'Regular' ? '' : $style)), 0, 80, '…');
        $fingerprint = self::fingerprint($source, $values);
        $slug = trim(substr(Str::slug($name), 0, 60), '-');
        $id = sprintf('own-%s-%s', $slug === '' ? 'font' : $slug, substr($fingerprint, 0, 16));
        $known = Font::query()->find($id);
        if ($known !== null) {
            return self::entry($known);
        }
        if (Font::query()->count() >= self::MOST) {
            throw new FontFailed(sprintf('There are %d fonts already. Remove one that is not used.', self::MOST));
        }
        $axesText = json_encode((object) $values, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $target = $this->kept->room($fingerprint, self::PACK);
        self::ask(['pack', (string) $this->path($source), $id, $axesText, $target.'.new'], $name);
        if (!@rename($target.'.new', $target)) {
            throw new FullDisk();
        }
        $font = Font::query()->firstOrCreate(
            ['id' => $id],
            ['source' => $source, 'name' => $name, 'axes' => $values, 'told' => $told],
        );
        // What was set in another font while this one was not here is drawn anew.
        $this->reels->clear();

        return self::entry($font);
    }

    /**
     * Values of all axes within their bounds, and what that style is called.
     *
     * @param array<array-key, mixed> $told
     * @param array<string, float> $axes
     *
     * @return array{array<string, float>, string}
     */
    private static function valuesOf(array $told, array $axes): array
    {
        $values = [];
        foreach (self::axes($told) as $axis) {
            $values[$axis->tag] = max($axis->min, min($axis->max, $axes[$axis->tag] ?? $axis->usual));
        }
        ksort($values);
        if ($values === []) {
            return [[], is_string($told['style'] ?? null) ? $told['style'] : ''];
        }
        foreach (self::named($told) as $cut) {
            $same = array_filter($cut->values->things, static fn (float $value, string $tag): bool => abs(
                $value - ($values[$tag] ?? $value),
            ) < 0.01, ARRAY_FILTER_USE_BOTH);
            if (count($same) === count($cut->values->things)) {
                return [$values, $cut->name];
            }
        }

        return [$values, implode(' ', array_map(
            static fn (string $tag, float $value): string => trim($tag).' '.round($value, 2),
            array_keys($values),
            $values,
        ))];
    }

    /** @param array<string, float> $axes */
    private static function fingerprint(string $source, array $axes): string
    {
        ksort($axes);

        return hash('sha256', $source.json_encode(array_map(
            static fn (float $value): string => number_format($value, 3, '.', ''),
            $axes,
        )));
    }

    /** @param list<string> $task */
    private static function ask(array $task, string $name): string
    {
        $process = new Process(
            [config('lupine.node'), '--max-old-space-size=600', base_path('fonts/own.mjs'), ...$task],
            base_path(),
            timeout: self::SECONDS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw new FontFailed(
                sprintf('“%s” takes too long to read. Export it with the signs that you need.', $name),
            );
        }
        if ($process->isSuccessful()) {
            return $process->getOutput();
        }
        $said = trim(Str::afterLast(trim($process->getErrorOutput()), "\n"));
        $isOurs = preg_match('/^(is|has|holds) [^{}]{1,200}$/D', $said) === 1;

        throw new FontFailed(sprintf(
            '“%s” %s.',
            $name,
            $isOurs ? $said : 'cannot be read as a font. Export it again as TTF, OTF or WOFF2',
        ));
    }

    private static function gone(string $id): FontFailed
    {
        return new FontFailed(sprintf('The font “%s” is not here any more. Add its file again.', Shipped::nameOf($id)));
    }

    private static function entry(Font $font): FontEntry
    {
        $told = $font->told;
        $text = static fn (string $name): string => is_string($told[$name] ?? null) ? $told[$name] : '';
        $count = static fn (string $name): int => is_int($told[$name] ?? null) ? $told[$name] : 0;

        return new FontEntry(
            $font->id,
            $font->name,
            $text('family'),
            $text('style'),
            self::axes($told),
            self::named($told),
            new Map(array_map(floatval(...), $font->axes)),
            $text('embedding'),
            ($told['isOnlyPictures'] ?? false) === true,
            $text('licence'),
            $text('address'),
            $text('copyright'),
            $count('signs'),
            $count('packed'),
            array_values(array_filter((array) ($told['scripts'] ?? []), is_string(...))),
            ($told['hasTabular'] ?? false) === true,
            ($told['hasOldFigures'] ?? false) === true,
        );
    }

    /**
     * @param array<array-key, mixed> $told
     *
     * @return list<FontAxis>
     */
    private static function axes(array $told): array
    {
        /** @var list<array{tag: string, name: string, min: float, usual: float, max: float}> $axes as own.mjs says */
        $axes = $told['axes'] ?? [];

        return array_map(static fn (array $axis): FontAxis => new FontAxis(
            $axis['tag'],
            $axis['name'],
            (float) $axis['min'],
            (float) $axis['usual'],
            (float) $axis['max'],
        ), $axes);
    }

    /**
     * @param array<array-key, mixed> $told
     *
     * @return list<FontCut>
     */
    private static function named(array $told): array
    {
        /** @var list<array{name: string, values: array<string, float>}> $named as own.mjs says */
        $named = $told['named'] ?? [];

        return array_map(
            static fn (array $cut): FontCut => new FontCut(
                $cut['name'],
                new Map(array_map(floatval(...), $cut['values'])),
            ),
            $named,
        );
    }
}
