<?php

declare(strict_types=1);

use App\Http\Controllers\Meetings\MeetingController;
use App\Http\Controllers\Meetings\SeriesController;
use Illuminate\Support\Facades\Route;

Route::get('/meetings', [SeriesController::class, 'index'])->name('meetings.index');
Route::get('/series/new', [SeriesController::class, 'create'])->name('series.create');
Route::post('/series', [SeriesController::class, 'store'])->name('series.store');
Route::get('/series/{series}', [SeriesController::class, 'show'])
    ->name('series.show')
    ->can('view', 'series');
Route::get('/series/{series}/edit', [SeriesController::class, 'edit'])
    ->name('series.edit')
    ->can('update', 'series');
Route::put('/series/{series}', [SeriesController::class, 'update'])
    ->name('series.update')
    ->can('update', 'series');
Route::post('/series/{series}/open', [SeriesController::class, 'open'])
    ->name('series.open')
    ->can('run', 'series');
Route::post('/series/{series}/issues', [SeriesController::class, 'raise'])
    ->name('issues.store')
    ->can('view', 'series');
Route::delete('/issues/{issue}', [SeriesController::class, 'withdraw'])
    ->name('issues.destroy')
    ->can('update', 'issue');

Route::get('/meetings/{meeting}', [MeetingController::class, 'show'])
    ->name('meetings.show')
    ->can('view', 'meeting');
Route::post('/meetings/{meeting}/close', [MeetingController::class, 'close'])
    ->name('meetings.close')
    ->can('update', 'meeting');
Route::put('/attendances/{attendance}', [MeetingController::class, 'attend'])
    ->name('attendances.update')
    ->can('update', 'attendance');
Route::post('/agenda-items/{item}/turn', [MeetingController::class, 'turnTo'])
    ->name('items.turn')
    ->can('update', 'item');
Route::put('/agenda-items/{item}/notes', [MeetingController::class, 'write'])
    ->name('items.write')
    ->can('update', 'item');
Route::post('/agenda-items/{item}/decisions', [MeetingController::class, 'decide'])
    ->name('items.decide')
    ->can('update', 'item');
Route::post('/agenda-items/{item}/next-steps', [MeetingController::class, 'nextStep'])
    ->name('items.step')
    ->can('update', 'item');
Route::put('/agenda-items/{item}/outcome', [MeetingController::class, 'settle'])
    ->name('items.settle')
    ->can('update', 'item');
