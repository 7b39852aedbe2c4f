<?php

declare(strict_types=1);

use App\Http\Controllers\Lists\ListController;
use Illuminate\Support\Facades\Route;

Route::get('/lists/{list?}', [ListController::class, 'show'])->name('lists');
