<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\FontEntry;
use App\Api\Fonts;
use App\Api\FontSample;
use App\Api\FontSamples;
use App\Api\Gone;
use App\Fonts\FontStore;
use App\Http\Body;
use App\Http\Reply;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Piece\Fonts as Shipped;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\PlainText;
use Lupine\Core\Words\FontBook;
use Lupine\Core\Words\TextSetter;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Fonts of one's own, and texts in all fonts to choose from. */
final readonly class FontController
{
    /** signs of a sample, at most */
    private const SIGNS = 60;

    public function __construct(private FontStore $store, private FontBook $fonts)
    {
    }

    public function index(): JsonResponse
    {
        return Reply::of(new Fonts($this->store->all()));
    }

    public function store(Request $request): JsonResponse
    {
        $given = Field::root($request->query())->get('name')->text(1000, '');
        $name = PlainText::writable(mb_substr(basename(trim($given)), 0, 200));

        return Reply::of($this->store->keep((string) $request->getContent(), $name !== '' ? $name : 'The font'), 201);
    }

    /** Another weight, width or slant of a variable font. */
    public function cut(Request $request, string $font): JsonResponse
    {
        $axes = [];
        foreach (Body::of($request)->get('axes')->entries() as $tag => $value) {
            $axes[$tag] = $value->number(-100_000, 100_000);
        }

        return Reply::of($this->store->cut($font, $axes), 201);
    }

    /** The file of a font, for the page that shows it. */
    public function file(string $font): Response
    {
        $found = $this->store->find($font);
        $path = $found === null ? null : $this->store->path($found->source);

        return new BinaryFileResponse($path ?? abort(404, 'This font is not on this machine. Add it again.'), 200, [
            'Content-Type' => 'font/sfnt',
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    public function destroy(string $font): JsonResponse
    {
        $this->store->remove($font);

        return Reply::of(new Gone($font));
    }

    /** A text in every font; without one, each font's name in itself. */
    public function samples(Request $request): JsonResponse
    {
        $text = trim(PlainText::writable(Body::of($request)->get('text')->text(1000, '')));
        $own = array_column(array_map(
            static fn (FontEntry $font): array => [$font->id, $font->name],
            $this->store->all(),
        ), 1, 0);
        $setter = new TextSetter($this->fonts);
        $samples = [];
        foreach ([...$own, ...Shipped::names()] as $id => $name) {
            $run = $setter->run(
                mb_substr($text === '' ? $name : $text, 0, self::SIGNS),
                new TextStyle($id, 100, null),
            );
            $samples[] = new FontSample(
                $id,
                $name,
                isset($own[$id]),
                $run->width,
                $this->fonts->pack($id)->capHeight,
                $run->path(),
            );
        }

        return Reply::of(new FontSamples($samples));
    }
}
