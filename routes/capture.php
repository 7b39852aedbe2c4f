<?php

declare(strict_types=1);

use App\Http\Controllers\Capture\TrayController;
use App\Http\Controllers\Capture\UndoController;
use Illuminate\Support\Facades\Route;

Route::get('/tray', [TrayController::class, 'index'])->name('tray');
Route::post('/jots', [TrayController::class, 'store'])->name('jots.store');
Route::post('/jots/{jot}/task', [TrayController::class, 'makeTask'])->whereNumber('jot')->name('jots.task');
Route::delete('/jots/{jot}', [TrayController::class, 'destroy'])->whereNumber('jot')->name('jots.destroy');
Route::post('/undo/{batch}', UndoController::class)->whereUuid('batch')->name('undo');
