<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\KeptPicture;
use App\Api\ReadTile;
use App\Http\Reply;
use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Formats\SvgTile;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\PlainText;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Pictures that come in, and as they are painted. */
final readonly class PictureController
{
    private const FOREVER = 'private, max-age=31536000, immutable';

    public function __construct(private PictureStore $store)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());
        $kept = $this->store->keep((string) $request->getContent(), self::named($asked));

        return Reply::of(new KeptPicture(...$kept), 201);
    }

    /** A drawing as the tile of a pattern. */
    public function tile(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());

        return Reply::of(new ReadTile(SvgTile::read((string) $request->getContent(), self::named($asked))));
    }

    private static function named(Field $asked): string
    {
        $name = PlainText::writable(mb_substr(basename(trim($asked->get('name')->text(1000, ''))), 0, 200));

        return $name !== '' ? $name : 'The picture';
    }

    public function file(Request $request, string $picture): Response
    {
        $path = $this->store->path($picture, self::blur($request))
            ?? abort(404, 'This picture is not on this machine. Add it again.');

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => PictureStore::typeOf($path),
            'Cache-Control' => self::FOREVER,
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** @throws BadPiece */
    private static function blur(Request $request): int
    {
        $given = $request->query('blur') ?? '0';
        if (!is_string($given) || preg_match('/^\d{1,3}$/D', $given) !== 1 || (int) $given > PicturePaint::MOST_BLUR) {
            throw new BadPiece(
                sprintf('“blur” must be a whole number from 0 to %d.', PicturePaint::MOST_BLUR),
                'blur',
            );
        }

        return (int) $given;
    }
}
