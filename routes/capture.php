<?php

declare(strict_types=1);

use App\Http\Controllers\Capture\LineController;
use App\Http\Controllers\Capture\TrayController;
use App\Http\Controllers\Capture\UndoController;
use App\Http\Middleware\EnsureDayHasBegun;
use App\Http\Middleware\HandleInertiaRequests;
use App\Store\Stamp;
use Illuminate\Support\Facades\Route;

// Asked for by every open page, every few seconds: has anything been changed?
Route::get('/stamp', static fn(Stamp $stamp) => response()->json(['stamp' => $stamp->current()]))
    ->name('stamp')
    ->withoutMiddleware([EnsureDayHasBegun::class, HandleInertiaRequests::class]);
Route::get('/tray', [TrayController::class, 'index'])->name('tray');
Route::get('/areas/{area}/tray', [TrayController::class, 'ofArea'])->name('areas.tray');
Route::get('/series/{series}/tray', [TrayController::class, 'ofSeries'])
    ->name('series.tray')
    ->can('view', 'series');
Route::post('/series/{series}/jots', [TrayController::class, 'storeForSeries'])
    ->name('series.jot')
    ->can('view', 'series');
Route::get('/lines', [LineController::class, 'read'])->name('lines.read');
Route::post('/jots', [TrayController::class, 'store'])->name('jots.store');
Route::put('/jots/many', [TrayController::class, 'many'])->name('jots.many');
Route::post('/jots/{jot}/task', [TrayController::class, 'makeTask'])
    ->name('jots.task')
    ->can('update', 'jot');
Route::post('/jots/{jot}/project', [TrayController::class, 'makeProject'])
    ->name('jots.project')
    ->can('update', 'jot');
Route::post('/jots/{jot}/issue', [TrayController::class, 'raise'])
    ->name('jots.issue')
    ->can('update', 'jot');
Route::post('/jots/{jot}/reference', [TrayController::class, 'keepAsReference'])
    ->name('jots.reference')
    ->can('update', 'jot');
Route::post('/jots/{jot}/split', [TrayController::class, 'split'])
    ->name('jots.split')
    ->can('update', 'jot');
Route::delete('/jots/{jot}', [TrayController::class, 'destroy'])
    ->name('jots.destroy')
    ->can('update', 'jot');
Route::post('/undo', [UndoController::class, 'last'])->name('undo.last');
Route::post('/undo/all', [UndoController::class, 'all'])->name('undo.all');
Route::post('/undo/{batch}', [UndoController::class, 'of'])
    ->whereUuid('batch')
    ->name('undo');
Route::post('/redo', [UndoController::class, 'again'])->name('redo');
