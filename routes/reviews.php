<?php

declare(strict_types=1);

use App\Http\Controllers\Reviews\FindingController;
use App\Http\Controllers\Reviews\QuestionController;
use App\Http\Controllers\Reviews\ReportController;
use App\Http\Controllers\Reviews\RetrospectiveController;
use App\Http\Controllers\Reviews\ReviewController;
use App\Http\Controllers\Reviews\ShareController;
use App\Http\Controllers\Reviews\TeamController;
use App\Http\Controllers\Reviews\TellingController;
use App\Http\Controllers\Reviews\ThinningController;
use Illuminate\Support\Facades\Route;

Route::get('/reviews', [ReviewController::class, 'index'])->name('reviews.index');
Route::get('/reviews/shared', [ShareController::class, 'index'])->name('reviews.shared');
Route::put('/review-shares', [ShareController::class, 'share'])->name('reviews.share');
Route::get('/reviews/answers', [ReviewController::class, 'answers'])->name('reviews.answers');
Route::put('/answer-goals', [ReviewController::class, 'tie'])->name('reviews.tie');
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
Route::put('/worth-telling', [TellingController::class, 'mark'])->name('worth-telling.mark');
Route::get('/worth-telling', [TellingController::class, 'index'])->name('worth-telling.index');
Route::controller(ReportController::class)->group(static function (): void {
    Route::get('/reports', 'index')->name('reports.index');
    Route::post('/reports', 'store')->name('reports.store');
    Route::get('/reports/{report}', 'show')->name('reports.show')->can('view', 'report');
    Route::get('/reports/{report}/markdown', 'markdown')->name('reports.markdown')->can('view', 'report');
    Route::get('/reports/{report}/pdf', 'pdf')->name('reports.pdf')->can('view', 'report');
    Route::put('/reports/{report}', 'rename')->name('reports.rename')->can('update', 'report');
    Route::put('/reports/{report}/words', 'write')->name('reports.write')->can('update', 'report');
    Route::post('/reports/{report}/send', 'send')->name('reports.send')->can('update', 'report');
    Route::delete('/reports/{report}', 'destroy')->name('reports.destroy')->can('update', 'report');
});
Route::controller(RetrospectiveController::class)->group(static function (): void {
    Route::get('/retrospectives', 'index')->name('retrospectives.index');
    Route::post('/retrospectives', 'store')->name('retrospectives.store');
    Route::get('/retrospectives/{retrospective}', 'show')->name('retrospectives.show')->can('view', 'retrospective');
    Route::put('/retrospectives/{retrospective}/answers', 'answer')->name('retrospectives.answer')->can('view', 'retrospective');
    Route::post('/retrospectives/{retrospective}/changes', 'agree')->name('retrospectives.agree')->can('view', 'retrospective');
    Route::post('/retrospectives/{retrospective}/show', 'reveal')->name('retrospectives.reveal')->can('update', 'retrospective');
    Route::post('/retrospectives/{retrospective}/finish', 'finish')->name('retrospectives.finish')->can('update', 'retrospective');
    Route::post('/retrospectives/{retrospective}/reopen', 'reopen')->name('retrospectives.reopen')->can('update', 'retrospective');
    Route::delete('/retrospectives/{retrospective}', 'destroy')->name('retrospectives.destroy')->can('update', 'retrospective');
    Route::put('/agreed-changes/{agreed}', 'judge')->name('agreed-changes.judge')->can('view', 'agreed');
});
Route::get('/thinning-out', [ThinningController::class, 'index'])->name('thinning.index');
Route::put('/tasks/{task}/keep', [ThinningController::class, 'keep'])
    ->name('thinning.keep')
    ->can('update', 'task');
Route::put('/findings', FindingController::class)->name('findings.keep');
Route::controller(QuestionController::class)->group(static function (): void {
    Route::post('/review-questions', 'store')->name('review-questions.store');
    Route::put('/review-questions', 'arrange')->name('review-questions.arrange');
    Route::put('/review-questions/resting', 'rest')->name('review-questions.rest');
    Route::delete('/review-questions', 'destroy')->name('review-questions.destroy');
});
