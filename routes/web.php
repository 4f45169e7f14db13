<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// One page; its paths are read in the browser.
Route::view('/{path?}', 'lupine')->where('path', '(?!api/|build/|up$).*')->name('lupine');
