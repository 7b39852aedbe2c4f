<?php

declare(strict_types=1);

use App\Http\Controllers\Lists\ListController;
use App\Http\Controllers\Lists\SavedListController;
use Illuminate\Support\Facades\Route;

Route::get('/lists/new', [SavedListController::class, 'build'])->name('saved.build');
Route::post('/lists', [SavedListController::class, 'store'])->name('saved.store');
Route::get('/lists/saved/{saved}', [SavedListController::class, 'show'])
    ->name('saved.show')
    ->can('view', 'saved');
Route::put('/lists/saved/{saved}', [SavedListController::class, 'update'])
    ->name('saved.update')
    ->can('update', 'saved');
Route::delete('/lists/saved/{saved}', [SavedListController::class, 'remove'])
    ->name('saved.destroy')
    ->can('update', 'saved');
Route::get('/lists', [ListController::class, 'byDate'])->name('lists');
Route::get('/lists/{list}', [ListController::class, 'show'])->name('lists.show');
Route::put('/lists/{list}/next-week', [ListController::class, 'handOn'])->name('lists.hand-on');
