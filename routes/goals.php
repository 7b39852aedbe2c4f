<?php

declare(strict_types=1);

use App\Http\Controllers\Goals\FigureController;
use App\Http\Controllers\Goals\GoalController;
use Illuminate\Support\Facades\Route;

Route::get('/sheet/{period?}', [GoalController::class, 'sheet'])->name('sheet');
Route::get('/goals/{goal}/figure', [FigureController::class, 'goal'])->name('goals.figure');
Route::get('/projects/{project}/figure', [FigureController::class, 'project'])->name('projects.figure');

Route::get('/goals/new', [GoalController::class, 'create'])->name('goals.create');
Route::post('/goals', [GoalController::class, 'store'])->name('goals.store');
Route::get('/goals/{goal}', [GoalController::class, 'show'])->name('goals.show');
Route::get('/goals/{goal}/edit', [GoalController::class, 'edit'])->name('goals.edit');
Route::put('/goals/{goal}', [GoalController::class, 'update'])->name('goals.update');
Route::post('/goals/{goal}/close', [GoalController::class, 'close'])->name('goals.close');
Route::post('/goals/{goal}/reopen', [GoalController::class, 'reopen'])->name('goals.reopen');
Route::post('/goals/{goal}/readings', [GoalController::class, 'read'])->name('readings.store');
Route::delete('/readings/{reading}', [GoalController::class, 'removeReading'])->name('readings.destroy');
