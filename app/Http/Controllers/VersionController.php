<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\ComparedVersions;
use App\Api\OneVersion;
use App\Desk\Shelf;
use App\Desk\VersionList;
use App\Http\Body;
use App\Http\Refusal;
use App\Http\Reply;
use App\Models\Piece;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Form\Forms;
use Lupine\Core\Settings\Field;
use Lupine\Core\Versions\Differences;
use Symfony\Component\HttpFoundation\Response;

/** What there was of a piece: a list, one to look at, what two differ in, and a name for one. */
final readonly class VersionController
{
    public function __construct(private VersionList $list)
    {
    }

    public function index(Request $request, Piece $piece): JsonResponse
    {
        $before = Field::root($request->query())->get('before');

        return Reply::of($this->list->page($piece, $before->isNull() ? null : max(0, (int) $before->text(9))));
    }

    public function show(Piece $piece, int $version): JsonResponse
    {
        $revision = self::revision($piece, $version);

        return Reply::of(new OneVersion(
            $revision->number,
            $revision->name,
            $revision->created_at?->toIso8601String(),
            $revision->plain(),
        ));
    }

    /** Its last frame, as the shelf would show it. */
    public function reel(Piece $piece, int $version, Shelf $shelf): Response
    {
        $picture = $shelf->reelOf(self::revision($piece, $version)->document);

        return $picture === null
            ? Refusal::answer('This version cannot be drawn.', 422)
            : response($picture, 200, ['Content-Type' => 'application/json']);
    }

    /** A name, with which it is kept for ever; none, and it may be thinned. */
    public function update(Request $request, Piece $piece, int $version): JsonResponse
    {
        $name = trim(Body::of($request)->get('name')->text(Revision::LONGEST_NAME, ''));
        $revision = self::revision($piece, $version);
        $revision->update(['name' => $name === '' ? null : $name]);

        return Reply::of($this->list->entry($piece, $revision));
    }

    /** What two documents differ in: one may be the desk's own, which is not saved yet. */
    public function compare(Request $request, Forms $forms): JsonResponse
    {
        $body = Body::of($request);

        return Reply::of(new ComparedVersions(Differences::between(
            $body->documentAt('before'),
            $body->documentAt('after'),
            $forms,
        )));
    }

    private static function revision(Piece $piece, int $version): Revision
    {
        return $piece->revisions()->where('number', $version)->firstOrFail();
    }
}
