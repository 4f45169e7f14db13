<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

final readonly class PageController
{
    public function page(): View
    {
        return view('lupine');
    }

    /** For those who wait until Lupine answers. */
    public function up(): JsonResponse
    {
        return response()->json(['lupine' => 'up']);
    }
}
