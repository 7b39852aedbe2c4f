<?php

declare(strict_types=1);

use App\Http\Controllers\Reviews\ReviewController;
use Illuminate\Support\Facades\Route;

Route::get('/reviews', [ReviewController::class, 'index'])->name('reviews.index');
Route::get('/reviews/{week}', [ReviewController::class, 'show'])->name('reviews.show');
Route::put('/reviews/{week}/answers', [ReviewController::class, 'answer'])->name('reviews.answer');
Route::post('/reviews/{week}/hold', [ReviewController::class, 'hold'])->name('reviews.hold');
Route::post('/reviews/{week}/reopen', [ReviewController::class, 'reopen'])->name('reviews.reopen');
