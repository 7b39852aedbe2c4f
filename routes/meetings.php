<?php

declare(strict_types=1);

use App\Http\Controllers\Meetings\MeetingController;
use App\Http\Controllers\Meetings\SeriesController;
use Illuminate\Support\Facades\Route;

Route::get('/meetings', [SeriesController::class, 'index'])->name('meetings.index');
Route::get('/series/new', [SeriesController::class, 'create'])->name('series.create');
Route::post('/series', [SeriesController::class, 'store'])->name('series.store');
Route::get('/series/{series}', [SeriesController::class, 'show'])->name('series.show');
Route::get('/series/{series}/edit', [SeriesController::class, 'edit'])->name('series.edit');
Route::put('/series/{series}', [SeriesController::class, 'update'])->name('series.update');
Route::post('/series/{series}/open', [SeriesController::class, 'open'])->name('series.open');
Route::post('/series/{series}/issues', [SeriesController::class, 'raise'])->name('issues.store');
Route::delete('/issues/{issue}', [SeriesController::class, 'withdraw'])->name('issues.destroy');

Route::get('/meetings/{meeting}', [MeetingController::class, 'show'])->name('meetings.show');
Route::post('/meetings/{meeting}/close', [MeetingController::class, 'close'])->name('meetings.close');
Route::put('/attendances/{attendance}', [MeetingController::class, 'attend'])->name('attendances.update');
Route::post('/agenda-items/{item}/turn', [MeetingController::class, 'turnTo'])->name('items.turn');
Route::put('/agenda-items/{item}/notes', [MeetingController::class, 'write'])->name('items.write');
Route::post('/agenda-items/{item}/decisions', [MeetingController::class, 'decide'])->name('items.decide');
Route::post('/agenda-items/{item}/next-steps', [MeetingController::class, 'nextStep'])->name('items.step');
Route::put('/agenda-items/{item}/outcome', [MeetingController::class, 'settle'])->name('items.settle');
