<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OwnAddresses;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Vite;

final readonly class PageController
{
    /** what the desk is set in */
    private const FONT = 'node_modules/@fontsource/figtree/files/figtree-latin-%d-normal.woff2';
    private const WEIGHTS = [400, 500, 600, 700];

    /** Sources of the pages, by their addresses. */
    private const PAGES = [
        '#^$#' => 'web/shelf/ShelfPage.tsx',
        '#^pieces/[0-9a-z]{26}$#' => 'web/desk/DeskPage.tsx',
        '#/proof$#' => 'web/proof/ProofPage.tsx',
        '#hand-offs?$#' => 'web/handoff/HandOffPage.tsx',
    ];

    public function __construct(private OwnAddresses $own)
    {
    }

    /** The page, with what it is going to ask for first. */
    public function page(Request $request): View
    {
        $path = trim($request->path(), '/');
        $isDesk = preg_match('#^pieces/([0-9a-z]{26})$#', $path, $parts) === 1;

        return view('lupine', [
            'sources' => ['web/main.tsx', ...array_filter(
                self::PAGES,
                static fn (string $pattern): bool => preg_match($pattern, $path) === 1,
                ARRAY_FILTER_USE_KEY,
            )],
            // Whether one has to sign in here, and who has.
            'asks' => $this->own->areOthers(),
            'who' => self::who($this->own->areOthers() && $request->hasSession()),
            'first' => $isDesk ? sprintf('/api/pieces/%s/desk', $parts[1]) : null,
            'fonts' => array_map(
                static fn (int $weight): string => Vite::asset(sprintf(self::FONT, $weight)),
                self::WEIGHTS,
            ),
        ]);
    }

    private static function who(bool $isAsked): ?string
    {
        $user = $isAsked ? Auth::user() : null;

        return $user instanceof User ? $user->name : null;
    }

    /** For those who wait until Lupine answers. */
    public function up(): JsonResponse
    {
        return response()->json(['lupine' => 'up']);
    }
}
