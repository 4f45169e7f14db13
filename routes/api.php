<?php

declare(strict_types=1);

use App\Http\Controllers\ActController;
use App\Http\Controllers\ArrangementController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\ComputeController;
use App\Http\Controllers\FiguresController;
use App\Http\Controllers\FontController;
use App\Http\Controllers\FormController;
use App\Http\Controllers\HandOffController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\PaletteController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PieceController;
use App\Http\Controllers\PieceHistoryController;
use App\Http\Controllers\ScriptController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SoundController;
use App\Http\Controllers\StillController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\VersionController;
use Illuminate\Support\Facades\Route;

Route::post('session', [SessionController::class, 'begin']);
Route::delete('session', [SessionController::class, 'end']);
Route::post('session/others', [SessionController::class, 'endOthers']);
// What is costly can be asked for so often in a minute, and no oftener (config/lupine.php).
Route::post('figures/read', [FiguresController::class, 'read']);
Route::post('tables', [TableController::class, 'file'])->middleware('throttle:costly');
Route::post('tables/sheet', [TableController::class, 'sheet']);
Route::post('tables/again', [TableController::class, 'again'])->middleware('throttle:costly');
Route::post('forms', [FormController::class, 'choices']);
Route::get('forms/{form}/properties', [FormController::class, 'properties']);
Route::post('arrangements', [ArrangementController::class, 'choices']);
Route::post('acts/{act}', [ActController::class, 'do']);
Route::post('charts', [ArrangementController::class, 'chart']);
Route::post('colours', [FormController::class, 'colours']);
Route::post('coats', [FormController::class, 'coats']);
Route::post('grounds', [FormController::class, 'ground']);
Route::post('numbers/read', [FiguresController::class, 'number']);
Route::post('compute', [ComputeController::class, 'compute']);
Route::post('compute/live', [ComputeController::class, 'live']);
Route::post('compute/at', [ComputeController::class, 'at']);
Route::post('compute/alternative', [ComputeController::class, 'alternative']);
Route::post('compute/filmed', [ComputeController::class, 'filmed']);
Route::post('compute/proof', [ComputeController::class, 'proof']);

Route::post('script/read', [ScriptController::class, 'read']);
Route::post('script/tell', [ScriptController::class, 'tell']);
Route::post('script/lay', [ScriptController::class, 'lay'])->middleware('throttle:costly');
Route::post('uploads', [SoundController::class, 'begin'])->middleware('throttle:costly');
Route::put('uploads/{upload}', [SoundController::class, 'part']);
Route::delete('uploads/{upload}', [SoundController::class, 'drop']);
Route::get('speakers', [SoundController::class, 'speakers']);
Route::get('sounds/{sound}.flac', [SoundController::class, 'file'])->where('sound', '[0-9a-f]{64}');
Route::get('sounds/{sound}/levels', [SoundController::class, 'levels'])->where('sound', '[0-9a-f]{64}');
Route::get('sounds/{sound}/pauses', [SoundController::class, 'pauses'])->where('sound', '[0-9a-f]{64}');
Route::post('listenings', [SoundController::class, 'listen'])->middleware('throttle:costly');
Route::get('listenings/{listening}', [SoundController::class, 'listening']);
Route::post('listenings/{listening}/cancel', [SoundController::class, 'cancel']);

Route::post('pictures', [PictureController::class, 'store'])->middleware('throttle:costly');
Route::post('tiles', [PictureController::class, 'tile'])->middleware('throttle:costly');
Route::get('pictures/{picture}', [PictureController::class, 'file'])->where('picture', '[0-9a-f]{64}');

Route::get('kits', [KitController::class, 'index']);
Route::post('kits', [KitController::class, 'store']);
Route::post('kits/kept', [KitController::class, 'keep']);
Route::put('kits/default', [KitController::class, 'begin']);
Route::post('kits/file', [KitController::class, 'bring'])->middleware('throttle:costly');
Route::get('kits/{kit}/file', [KitController::class, 'file'])->where('kit', '[a-z0-9-]{1,40}');
Route::post('kits/{kit}/tried', [KitController::class, 'tried'])->where('kit', '[a-z0-9-]{1,40}');
Route::delete('kits/{kit}', [KitController::class, 'destroy'])->where('kit', '[a-z0-9-]{1,40}');

Route::get('fonts', [FontController::class, 'index']);
Route::post('fonts', [FontController::class, 'store'])->middleware('throttle:costly');
Route::post('fonts/samples', [FontController::class, 'samples']);
Route::get('fonts/{font}/file', [FontController::class, 'file']);
Route::post('fonts/{font}/cut', [FontController::class, 'cut'])->middleware('throttle:costly');
Route::delete('fonts/{font}', [FontController::class, 'destroy']);

Route::get('palettes', [PaletteController::class, 'index']);
Route::post('palettes', [PaletteController::class, 'store']);
Route::post('palettes/read', [PaletteController::class, 'read']);
Route::post('palettes/made', [PaletteController::class, 'made'])->middleware('throttle:costly');
Route::put('palettes/order', [PaletteController::class, 'order']);
Route::put('palettes/{palette}', [PaletteController::class, 'update']);
Route::delete('palettes/{palette}', [PaletteController::class, 'destroy']);
Route::post('colours/apart', [PaletteController::class, 'apart'])->middleware('throttle:costly');

Route::get('starters', [PieceController::class, 'starters']);
Route::get('pieces', [PieceController::class, 'index']);
Route::post('pieces', [PieceController::class, 'store']);
Route::get('pieces/{piece}', [PieceController::class, 'show']);
Route::put('pieces/{piece}', [PieceController::class, 'update']);
Route::delete('pieces/{piece}', [PieceController::class, 'destroy']);
Route::post('pieces/{piece}/restore', [PieceController::class, 'restore'])->withTrashed();
Route::put('pieces/{piece}/folder', [PieceController::class, 'move']);
Route::get('bin', [PieceController::class, 'bin']);
Route::delete('bin/{piece}', [PieceController::class, 'discard'])->withTrashed();
Route::post('pieces/{piece}/duplicate', [PieceController::class, 'duplicate']);
Route::post('pieces/{piece}/undo', [PieceHistoryController::class, 'undo']);
Route::post('pieces/{piece}/redo', [PieceHistoryController::class, 'redo']);
Route::get('pieces/{piece}/versions', [VersionController::class, 'index']);
Route::get('pieces/{piece}/versions/{version}', [VersionController::class, 'show'])->whereNumber('version');
Route::put('pieces/{piece}/versions/{version}', [VersionController::class, 'update'])->whereNumber('version');
Route::get('pieces/{piece}/versions/{version}/reel', [VersionController::class, 'reel'])->whereNumber('version');
Route::post('versions/compared', [VersionController::class, 'compare']);
Route::get('pieces/{piece}/desk', [PieceController::class, 'desk']);
Route::get('pieces/{piece}/reel', [StillController::class, 'reel']);
Route::get('pieces/{piece}/still.svg', [StillController::class, 'svg']);
Route::get('pieces/{piece}/still.png', [StillController::class, 'png']);

Route::get('hand-offs', [HandOffController::class, 'index']);
Route::post('pieces/{piece}/hand-offs', [HandOffController::class, 'store'])->middleware('throttle:costly');
Route::post('pieces/{piece}/estimates', [HandOffController::class, 'estimate'])->middleware('throttle:costly');

Route::post('pieces/{piece}/fillings', [BatchController::class, 'fill'])->middleware('throttle:costly');
Route::post('compute/verdict', [BatchController::class, 'verdict']);
Route::get('pieces/{piece}/batches', [BatchController::class, 'index']);
Route::post('pieces/{piece}/batches', [BatchController::class, 'store'])->middleware('throttle:costly');
Route::post('queue/pause', [HandOffController::class, 'pause']);
Route::post('hand-offs/{handOff}/next', [HandOffController::class, 'next']);
Route::post('batches/{batch}/cancel', [BatchController::class, 'cancel']);
Route::post('batches/{batch}/retry', [BatchController::class, 'retry']);
Route::get('batches/{batch}/file', [BatchController::class, 'file']);
Route::delete('batches/{batch}', [BatchController::class, 'destroy']);
Route::post('hand-offs/cancel', [HandOffController::class, 'cancelWaiting']);
Route::get('hand-offs/{handOff}', [HandOffController::class, 'show']);
Route::post('hand-offs/{handOff}/cancel', [HandOffController::class, 'cancel']);
Route::post('hand-offs/{handOff}/retry', [HandOffController::class, 'retry']);
Route::delete('hand-offs/{handOff}', [HandOffController::class, 'destroy']);
Route::get('hand-offs/{handOff}/file', [HandOffController::class, 'file']);
Route::get('hand-offs/{handOff}/picture', [HandOffController::class, 'picture']);
