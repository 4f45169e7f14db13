<?php

declare(strict_types=1);

namespace App\Desk;

use App\Api\VersionEntry;
use App\Api\Versions;
use App\Models\Piece;
use App\Models\Revision;
use Lupine\Core\Form\Forms;
use Lupine\Core\Versions\Differences;

/** What there was of a piece, newest first: each version with what was changed in it. */
final readonly class VersionList
{
    private const PAGE = 40;

    public function __construct(private Forms $forms)
    {
    }

    /** @param int|null $before number of the last version of the page before; null: the first page */
    public function page(Piece $piece, ?int $before): Versions
    {
        $query = $piece->revisions();
        if ($before !== null) {
            $query->where('number', '<', $before);
        }
        /** @var list<Revision> $found */
        $found = $query->orderByDesc('number')->limit(self::PAGE + 1)->get()->all();
        $page = array_slice($found, 0, self::PAGE);
        $last = end($page);

        return new Versions(
            array_map(fn (Revision $one): VersionEntry => $this->entry($piece, $one, $found), $page),
            count($found) > self::PAGE && $last !== false ? $last->number : null,
        );
    }

    /** @param list<Revision> $known some of the piece's, newest first */
    public function entry(Piece $piece, Revision $revision, array $known = []): VersionEntry
    {
        $from = self::madeFrom($piece, $revision, $known);

        return new VersionEntry(
            $revision->number,
            $revision->name,
            $revision->created_at?->toIso8601String(),
            match (true) {
                $revision->aside => 'aside',
                $revision->number === $piece->head => 'now',
                default => $revision->number > $piece->head ? 'redo' : 'past',
            },
            $from === null ? [] : Differences::between($from->plain(), $revision->plain(), $this->forms),
            $from === null,
        );
    }

    /**
     * The revision that another was made from; where it was thinned, the one before that undo would walk to.
     *
     * @param list<Revision> $known
     */
    private static function madeFrom(Piece $piece, Revision $revision, array $known): ?Revision
    {
        if ($revision->made_from !== null) {
            foreach ($known as $one) {
                if ($one->number === $revision->made_from) {
                    return $one;
                }
            }
            $found = $piece->revisions()->where('number', $revision->made_from)->first();
            if ($found !== null) {
                return $found;
            }
        }
        $before = $revision->made_from ?? $revision->number - 1;

        $older = $piece->revisions();
        $older->where('aside', false)->where('number', '<=', $before)->orderByDesc('number');

        return $older->first();
    }
}
