<?php

declare(strict_types=1);

use App\Http\Controllers\Day\DayController;
use Illuminate\Support\Facades\Route;

Route::get('/', DayController::class)->name('day');
