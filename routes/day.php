<?php

declare(strict_types=1);

use App\Http\Controllers\Day\DayController;
use App\Http\Controllers\Day\MainThingController;
use Illuminate\Support\Facades\Route;

Route::get('/', DayController::class)->name('day');
Route::put('/tasks/{task}/main', MainThingController::class)->name('tasks.main')->can('update', 'task');
