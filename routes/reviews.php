<?php

declare(strict_types=1);

use App\Http\Controllers\Reviews\FindingController;
use App\Http\Controllers\Reviews\QuestionController;
use App\Http\Controllers\Reviews\ReviewController;
use App\Http\Controllers\Reviews\ShareController;
use App\Http\Controllers\Reviews\TeamController;
use Illuminate\Support\Facades\Route;

Route::get('/reviews', [ReviewController::class, 'index'])->name('reviews.index');
Route::get('/reviews/shared', [ShareController::class, 'index'])->name('reviews.shared');
Route::put('/review-shares', [ShareController::class, 'share'])->name('reviews.share');
Route::get('/reviews/answers', [ReviewController::class, 'answers'])->name('reviews.answers');
Route::get('/reviews/team', [TeamController::class, 'current'])->name('reviews.team-now');
Route::get('/reviews/team/{week}', [TeamController::class, 'show'])->name('reviews.team');
Route::put('/reviews/team/day', [TeamController::class, 'ask'])
    ->name('reviews.ask')
    ->can('lead');
Route::get('/reviews/{period}', [ReviewController::class, 'show'])->name('reviews.show');
Route::put('/reviews/{period}/answers', [ReviewController::class, 'answer'])->name('reviews.answer');
Route::put('/reviews/{period}/verdicts', [ReviewController::class, 'judge'])->name('reviews.judge');
Route::post('/reviews/{period}/hold', [ReviewController::class, 'hold'])->name('reviews.hold');
Route::post('/reviews/{period}/reopen', [ReviewController::class, 'reopen'])->name('reviews.reopen');
Route::put('/findings', FindingController::class)->name('findings.keep');
Route::controller(QuestionController::class)->group(static function (): void {
    Route::post('/review-questions', 'store')->name('review-questions.store');
    Route::put('/review-questions', 'arrange')->name('review-questions.arrange');
    Route::put('/review-questions/resting', 'rest')->name('review-questions.rest');
    Route::delete('/review-questions', 'destroy')->name('review-questions.destroy');
});
