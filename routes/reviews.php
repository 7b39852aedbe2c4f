<?php

declare(strict_types=1);

use App\Http\Controllers\Reviews\ReviewController;
use Illuminate\Support\Facades\Route;

Route::get('/reviews', [ReviewController::class, 'index'])->name('reviews.index');
Route::get('/reviews/{period}', [ReviewController::class, 'show'])->name('reviews.show');
Route::put('/reviews/{period}/answers', [ReviewController::class, 'answer'])->name('reviews.answer');
Route::post('/reviews/{period}/hold', [ReviewController::class, 'hold'])->name('reviews.hold');
Route::post('/reviews/{period}/reopen', [ReviewController::class, 'reopen'])->name('reviews.reopen');
