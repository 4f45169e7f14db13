<?php

declare(strict_types=1);

namespace App\Kits;

use App\Api\KitEntry;
use App\Api\Kits;
use App\Models\Kit as KeptKit;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lupine\Core\Form\Forms;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Settings\BadPiece;

/** The kits that there are: those that ship, as files of `kits/`, and those of one's own. */
final readonly class KitShelf
{
    /** in the order in which they are shown */
    private const SHIPPED = [
        'lamplight', 'ledger', 'print-shop', 'enamel', 'chalk', 'glass', 'signal', 'cloth',
    ];

    /** of one's own, at most */
    private const MOST = 60;

    private const DEFAULT = 'kit of new pieces';

    public function __construct(private Forms $forms)
    {
    }

    public function all(): Kits
    {
        $shipped = array_map(
            fn (string $id): KitEntry => self::entry($id, $this->document($id), 1, true),
            self::SHIPPED,
        );
        /** @var list<KeptKit> $kept */
        $kept = KeptKit::query()->orderBy('created_at')->get()->all();
        $own = array_map(
            static fn (KeptKit $kit): KitEntry => self::entry(
                $kit->id,
                self::read($kit->document),
                $kit->revision,
                false,
            ),
            $kept,
        );

        return new Kits([...$shipped, ...$own], $this->default());
    }

    /** @throws BadPiece where there is no such kit */
    public function entryOf(string $id): KitEntry
    {
        return self::entry($id, $this->document($id), $this->revision($id), $this->isShipped($id));
    }

    public function isShipped(string $id): bool
    {
        return in_array($id, self::SHIPPED, true);
    }

    public function revision(string $id): int
    {
        return $this->isShipped($id) ? 1 : $this->own($id)->revision;
    }

    /** @throws BadPiece where there is no such kit */
    public function document(string $id): \stdClass
    {
        return self::read($this->isShipped($id)
            ? (string) file_get_contents(base_path('kits/'.$id.'.json'))
            : $this->own($id)->document);
    }

    /** @throws BadPiece where it is no kit, or there are too many already */
    public function keep(\stdClass $document): KitEntry
    {
        $kit = Kit::fromDocument($document, $this->forms);
        $id = 'kit-'.strtolower((string) Str::ulid());
        DB::transaction(static function () use ($id, $kit, $document): void {
            if (KeptKit::query()->count() >= self::MOST) {
                throw new BadPiece(
                    sprintf('There are %d kits already. Remove one that is not used.', self::MOST),
                    'kit',
                );
            }
            KeptKit::query()->create([
                'id' => $id,
                'name' => $kit->name,
                'document' => json_encode($document, self::FLAGS),
            ]);
        });

        return $this->entryOf($id);
    }

    /** @throws BadPiece where there is no such kit of one's own */
    public function change(string $id, \stdClass $document): KitEntry
    {
        $kit = Kit::fromDocument($document, $this->forms);
        DB::transaction(function () use ($id, $kit, $document): void {
            $own = $this->own($id);
            $own->update([
                'name' => $kit->name,
                'revision' => $own->revision + 1,
                'document' => json_encode($document, self::FLAGS),
            ]);
        });

        return $this->entryOf($id);
    }

    /** @throws BadPiece where there is no such kit of one's own */
    public function remove(string $id): void
    {
        $this->own($id)->delete();
        if ($this->default() === $id) {
            $this->setDefault(null);
        }
    }

    /** The kit that new pieces begin in; null: none. */
    public function default(): ?string
    {
        $id = DB::table('choices')->where('name', self::DEFAULT)->value('value');

        return is_string($id) && ($this->isShipped($id) || KeptKit::query()->whereKey($id)->exists()) ? $id : null;
    }

    /** @throws BadPiece where there is no such kit */
    public function setDefault(?string $id): void
    {
        if ($id === null) {
            DB::table('choices')->where('name', self::DEFAULT)->delete();

            return;
        }
        $this->document($id);
        DB::table('choices')->upsert([['name' => self::DEFAULT, 'value' => $id]], ['name'], ['value']);
    }

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION;

    private function own(string $id): KeptKit
    {
        return KeptKit::query()->find($id) ?? throw new BadPiece(
            $this->isShipped($id)
                ? 'A kit that ships cannot be changed. Keep the look as a kit of your own.'
                : 'That kit is not here any more. Choose another, or bring it in from its file.',
            'kit',
        );
    }

    private static function read(string $text): \stdClass
    {
        $document = json_decode($text, false, 64, JSON_THROW_ON_ERROR);

        return $document instanceof \stdClass ? $document : new \stdClass();
    }

    private static function entry(string $id, \stdClass $document, int $revision, bool $isShipped): KitEntry
    {
        return new KitEntry(
            $id,
            is_string($document->name ?? null) ? $document->name : $id,
            is_string($document->about ?? null) ? $document->about : '',
            $revision,
            $isShipped,
            $document,
        );
    }
}
