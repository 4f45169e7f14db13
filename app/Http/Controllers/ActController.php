<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\Acted;
use App\Http\Body;
use App\Http\Reply;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Acts\Acts;
use Lupine\Core\Form\Forms;

/** What the desk does to a document as a whole: it sends the act, and gets the document that comes of it. */
final readonly class ActController
{
    public function do(Request $request, Forms $forms, string $act): JsonResponse
    {
        $body = Body::of($request);

        return self::answer(Acts::do($act, $body->get('with'), $body->document(), $body->piece(), $forms));
    }

    /** @param array{\stdClass, list<string>} $done the document after an act, and the ids of what was made */
    public static function answer(array $done): JsonResponse
    {
        return Reply::of(new Acted(...$done));
    }
}
