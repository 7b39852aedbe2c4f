<?php

declare(strict_types=1);

use App\Http\Controllers\Week\MoveController;
use App\Http\Controllers\Week\RoutineController;
use App\Http\Controllers\Week\TaskController;
use App\Http\Controllers\Week\WeekController;
use App\Providers\RouteParametersProvider;
use Illuminate\Support\Facades\Route;

Route::get('/week', [WeekController::class, 'current'])->name('week.current');
Route::get('/weeks/{period}', [WeekController::class, 'show'])->name('week.show');
Route::put('/weeks/{period}/focus', [WeekController::class, 'focus'])
    ->name('week.focus')
    ->can('sayOf', 'period');

Route::post('/tasks', [TaskController::class, 'store'])->name('tasks.store');
Route::put('/tasks/many', [MoveController::class, 'many'])->name('tasks.many');
Route::get('/tasks/{task}', [TaskController::class, 'show'])
    ->name('tasks.show')
    ->can('view', 'task');
Route::put('/tasks/{task}', [TaskController::class, 'update'])
    ->name('tasks.update')
    ->can('update', 'task');
Route::put('/tasks/{task}/tick', [TaskController::class, 'tick'])
    ->name('tasks.tick')
    ->can('update', 'task');
Route::put('/tasks/{task}/plan', [TaskController::class, 'plan'])
    ->name('tasks.plan')
    ->can('update', 'task');
Route::put('/tasks/{task}/aside', [TaskController::class, 'setAside'])
    ->name('tasks.aside')
    ->can('update', 'task');
Route::put('/tasks/{task}/place', [MoveController::class, 'within'])
    ->name('tasks.move')
    ->can('update', 'task');
Route::put('/tasks/{task}/belongs', [MoveController::class, 'to'])
    ->name('tasks.belongs')
    ->can('update', 'task');
Route::put('/tasks/{task}/after', [TaskController::class, 'order'])
    ->name('tasks.after')
    ->can('update', 'task');
Route::post('/tasks/{task}/steps', [TaskController::class, 'addSteps'])
    ->name('steps.store')
    ->can('update', 'task');
Route::put('/steps/{step}/tick', [TaskController::class, 'tickStep'])
    ->where('step', RouteParametersProvider::NUMBER)
    ->name('steps.tick')
    ->can('update', 'step');
Route::delete('/steps/{step}', [TaskController::class, 'removeStep'])
    ->where('step', RouteParametersProvider::NUMBER)
    ->name('steps.destroy')
    ->can('update', 'step');

Route::controller(RoutineController::class)->group(static function (): void {
    Route::get('/routines', 'index')->name('routines.index');
    Route::get('/routines/new', 'create')->name('routines.create');
    Route::post('/routines', 'store')->name('routines.store');
    Route::post('/routines/take', 'take')->name('routines.take');
    Route::get('/routines/{routine}', 'show')->name('routines.show')->can('view', 'routine');
    Route::put('/routines/{routine}', 'update')->name('routines.update')->can('update', 'routine');
    Route::put('/routines/{routine}/end', 'end')->name('routines.end')->can('update', 'routine');
    Route::post('/routines/{routine}/now', 'now')->name('routines.now')->can('update', 'routine');
    Route::post('/routines/{routine}/pieces', 'layOut')->name('routines.pieces')->can('update', 'routine');
    Route::put('/routines/{routine}/daily', 'daily')->name('routines.daily')->can('view', 'routine');
    Route::put('/routines/{routine}/afresh', 'startAfresh')->name('routines.afresh')->can('view', 'routine');
    Route::put('/routine-steps/{step}/tick', 'tickLine')
        ->where('step', RouteParametersProvider::NUMBER)
        ->name('routine-steps.tick')
        ->can('update', 'step');
    Route::put('/tasks/{task}/skip', 'skip')->name('tasks.skip')->can('update', 'task');
});
