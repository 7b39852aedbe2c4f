<?php

declare(strict_types=1);

use App\Http\Controllers\Lists\ListController;
use Illuminate\Support\Facades\Route;

Route::get('/lists/{list?}', [ListController::class, 'show'])->name('lists');
Route::put('/lists/{list}/next-week', [ListController::class, 'handOn'])->name('lists.hand-on');
