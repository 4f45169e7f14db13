<?php

declare(strict_types=1);

use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

Route::get('up', [PageController::class, 'up']);
// One page; its paths are read in the browser.
Route::get('/{path?}', [PageController::class, 'page'])->where('path', '(?!api/|build/).*')->name('lupine');
