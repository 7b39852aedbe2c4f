<?php

declare(strict_types=1);

use App\Http\Controllers\Goals\ClosingController;
use App\Http\Controllers\Goals\FigureController;
use App\Http\Controllers\Goals\GoalController;
use App\Http\Controllers\Goals\LogbookController;
use App\Http\Controllers\Goals\NewsController;
use App\Http\Controllers\Goals\ReadingController;
use Illuminate\Support\Facades\Route;

Route::get('/sheet/{period?}', [GoalController::class, 'sheet'])->name('sheet');
Route::get('/goals/{goal}/figure', [FigureController::class, 'goal'])->name('goals.figure');
Route::get('/projects/{project}/figure', [FigureController::class, 'project'])->name('projects.figure');

Route::get('/goals/new', [GoalController::class, 'create'])->name('goals.create');
Route::post('/goals', [GoalController::class, 'store'])->name('goals.store');
Route::get('/goals/{goal}', [GoalController::class, 'show'])->name('goals.show');
Route::get('/goals/{goal}/edit', [GoalController::class, 'edit'])->name('goals.edit');
Route::post('/goals/{goal}/preview', [GoalController::class, 'preview'])->name('goals.preview');
Route::put('/goals/{goal}', [GoalController::class, 'update'])->name('goals.update');
Route::post('/goals/{goal}/close', [ClosingController::class, 'close'])->name('goals.close');
Route::post('/goals/{goal}/reopen', [ClosingController::class, 'reopen'])->name('goals.reopen');
Route::get('/closing/{period}', [ClosingController::class, 'show'])->name('closing');
Route::post('/closing/{period}', [ClosingController::class, 'store'])->name('closing.store');
Route::post('/goals/{goal}/readings', [ReadingController::class, 'store'])->name('readings.store');
Route::post('/goals/{goal}/readings/column', [ReadingController::class, 'paste'])->name('readings.paste');
Route::put('/readings/{reading}', [ReadingController::class, 'update'])->name('readings.update');
Route::delete('/readings/{reading}', [ReadingController::class, 'destroy'])->name('readings.destroy');

Route::post('/goals/{goal}/comments', [LogbookController::class, 'comment'])->name('comments.store');
Route::delete('/comments/{comment}', [LogbookController::class, 'removeComment'])->name('comments.destroy');
Route::post('/goals/{goal}/estimates', [LogbookController::class, 'estimate'])->name('estimates.store');
Route::delete('/estimates/{estimate}', [LogbookController::class, 'removeEstimate'])->name('estimates.destroy');
Route::post('/goals/{goal}/judgements', [LogbookController::class, 'judge'])->name('judgements.store');
Route::delete('/judgements/{judgement}', [LogbookController::class, 'removeJudgement'])->name('judgements.destroy');
Route::post('/goals/{goal}/following', [LogbookController::class, 'follow'])->name('goals.follow');
Route::delete('/goals/{goal}/following', [LogbookController::class, 'unfollow'])->name('goals.unfollow');
Route::get('/news', [NewsController::class, 'index'])->name('news');
Route::post('/news/read', [NewsController::class, 'read'])->name('news.read');
