<?php

declare(strict_types=1);

use App\Http\Controllers\Week\DoneController;
use App\Http\Controllers\Week\MoveController;
use App\Http\Controllers\Week\RecurringTaskController;
use App\Http\Controllers\Week\TaskController;
use App\Http\Controllers\Week\WeekController;
use App\Providers\RouteParametersProvider;
use Illuminate\Support\Facades\Route;

Route::get('/week', [WeekController::class, 'current'])->name('week.current');
Route::get('/weeks/{period}', [WeekController::class, 'show'])->name('week.show');
Route::get('/done', DoneController::class)->name('done');
Route::put('/weeks/{week}/line', [WeekController::class, 'line'])->name('week.line');
Route::put('/weeks/{period}/words', [WeekController::class, 'words'])
    ->name('week.words')
    ->can('saveWords', 'period');

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

Route::controller(RecurringTaskController::class)->group(static function (): void {
    Route::get('/recurring-tasks', 'index')->name('recurring-tasks.index');
    Route::get('/recurring-tasks/new', 'create')->name('recurring-tasks.create');
    Route::get('/recurring-tasks/next', 'next')->name('recurring-tasks.next');
    Route::post('/recurring-tasks', 'store')->name('recurring-tasks.store');
    Route::post('/recurring-tasks/take', 'take')->name('recurring-tasks.take');
    Route::get('/recurring-tasks/{recurringTask}', 'show')->name('recurring-tasks.show')->can('view', 'recurringTask');
    Route::put('/recurring-tasks/{recurringTask}', 'update')->name('recurring-tasks.update')->can('update', 'recurringTask');
    Route::put('/recurring-tasks/{recurringTask}/end', 'end')->name('recurring-tasks.end')->can('update', 'recurringTask');
    Route::post('/recurring-tasks/{recurringTask}/now', 'now')->name('recurring-tasks.now')->can('update', 'recurringTask');
    Route::post('/recurring-tasks/{recurringTask}/pieces', 'createOutput')->name('recurring-tasks.pieces')->can('update', 'recurringTask');
    Route::put('/recurring-tasks/{recurringTask}/daily', 'daily')->name('recurring-tasks.daily')->can('view', 'recurringTask');
    Route::put('/recurring-tasks/{recurringTask}/afresh', 'startAfresh')->name('recurring-tasks.afresh')->can('view', 'recurringTask');
    Route::put('/recurring-task-steps/{step}/tick', 'tickLine')
        ->where('step', RouteParametersProvider::NUMBER)
        ->name('recurring-task-steps.tick')
        ->can('update', 'step');
    Route::put('/tasks/{task}/skip', 'skip')->name('tasks.skip')->can('update', 'task');
});
