<?php

declare(strict_types=1);

use App\Http\Controllers\Goals\ClosingController;
use App\Http\Controllers\Goals\EntryController;
use App\Http\Controllers\Goals\FigureController;
use App\Http\Controllers\Goals\GoalController;
use App\Http\Controllers\Goals\GoalPartController;
use App\Http\Controllers\Goals\ReadingController;
use App\Http\Controllers\Goals\UpdatesController;
use Illuminate\Support\Facades\Route;

Route::get('/year/{period?}', [GoalController::class, 'year'])->name('year');
Route::get('/goals/{goal}/figure', [FigureController::class, 'goal'])
    ->name('goals.figure')
    ->can('view', 'goal');
Route::get('/projects/{project}/figure', [FigureController::class, 'project'])->name('projects.figure')
    ->can('view', 'project');

Route::get('/goals/new', [GoalController::class, 'create'])->name('goals.create');
Route::post('/goals', [GoalController::class, 'store'])->name('goals.store');
Route::get('/goals/{goal}', [GoalController::class, 'show'])
    ->name('goals.show')
    ->can('view', 'goal');
Route::get('/goals/{goal}/edit', [GoalController::class, 'edit'])
    ->name('goals.edit')
    ->can('update', 'goal');
Route::post('/goals/preview', [GoalController::class, 'previewNew'])->name('goals.preview-new');
Route::post('/goals/{goal}/preview', [GoalController::class, 'preview'])
    ->name('goals.preview')
    ->can('update', 'goal');
Route::put('/goals/{goal}', [GoalController::class, 'update'])
    ->name('goals.update')
    ->can('update', 'goal');
Route::post('/goals/{goal}/close', [ClosingController::class, 'close'])
    ->name('goals.close')
    ->can('update', 'goal');
Route::post('/goals/{goal}/close/preview', [ClosingController::class, 'preview'])
    ->name('goals.close-preview')
    ->can('update', 'goal');
Route::post('/goals/{goal}/reopen', [ClosingController::class, 'reopen'])
    ->name('goals.reopen')
    ->can('update', 'goal');
Route::get('/closing/{period}', [ClosingController::class, 'show'])->name('closing');
Route::post('/closing/{period}/preview', [ClosingController::class, 'previewAll'])->name('closing.preview');
Route::post('/closing/{period}', [ClosingController::class, 'store'])->name('closing.store');
Route::post('/goals/{goal}/readings', [ReadingController::class, 'store'])
    ->name('readings.store')
    ->can('update', 'goal');
Route::post('/goals/{goal}/readings/column', [ReadingController::class, 'paste'])
    ->name('readings.paste')
    ->can('update', 'goal');
Route::put('/readings/{reading}', [ReadingController::class, 'update'])
    ->name('readings.update')
    ->can('update', 'reading');
Route::delete('/readings/{reading}', [ReadingController::class, 'destroy'])
    ->name('readings.destroy')
    ->can('update', 'reading');

Route::post('/goals/{goal}/comments', [EntryController::class, 'comment'])
    ->name('comments.store')
    ->can('view', 'goal');
Route::delete('/comments/{comment}', [EntryController::class, 'removeComment'])
    ->name('comments.destroy')
    ->can('update', 'comment');
Route::post('/goals/{goal}/estimates', [EntryController::class, 'estimate'])
    ->name('estimates.store')
    ->can('view', 'goal');
Route::delete('/estimates/{estimate}', [EntryController::class, 'removeEstimate'])
    ->name('estimates.destroy')
    ->can('update', 'estimate');
Route::post('/goals/{goal}/judgements', [EntryController::class, 'judge'])
    ->name('judgements.store')
    ->can('update', 'goal');
Route::delete('/judgements/{judgement}', [EntryController::class, 'removeJudgement'])
    ->name('judgements.destroy')
    ->can('update', 'judgement');
Route::post('/goals/{goal}/following', [EntryController::class, 'follow'])
    ->name('goals.follow')
    ->can('view', 'goal');
Route::delete('/goals/{goal}/following', [EntryController::class, 'unfollow'])
    ->name('goals.unfollow')
    ->can('view', 'goal');
Route::get('/updates', [UpdatesController::class, 'index'])->name('updates');
Route::post('/updates/read', [UpdatesController::class, 'read'])->name('updates.read');

Route::controller(GoalPartController::class)->group(static function (): void {
    Route::post('/goals/{goal}/main-efforts', 'storeEffort')->name('main-efforts.store')->can('update', 'goal');
    Route::put('/main-efforts/{mainEffort}', 'updateEffort')->name('main-efforts.update')->can('update', 'mainEffort');
    Route::delete('/main-efforts/{mainEffort}', 'removeEffort')->name('main-efforts.destroy')->can('update', 'mainEffort');
    Route::post('/goals/{goal}/assumptions', 'storeAssumption')->name('assumptions.store')->can('update', 'goal');
    Route::put('/assumptions/{assumption}', 'updateAssumption')->name('assumptions.update')->can('update', 'assumption');
    Route::put('/assumptions/{assumption}/seen', 'see')->name('assumptions.see')->can('update', 'assumption');
    Route::delete('/assumptions/{assumption}', 'removeAssumption')->name('assumptions.destroy')->can('update', 'assumption');
    Route::post('/goals/{goal}/trade-offs', 'storeTradeOff')->name('trade-offs.store')->can('update', 'goal');
    Route::put('/trade-offs/{tradeOff}', 'updateTradeOff')->name('trade-offs.update')->can('update', 'tradeOff');
    Route::delete('/trade-offs/{tradeOff}', 'removeTradeOff')->name('trade-offs.destroy')->can('update', 'tradeOff');
});
