<?php

declare(strict_types=1);

use App\Http\Controllers\Day\CatchUpController;
use App\Http\Controllers\Day\DayController;
use App\Http\Controllers\Day\EveningController;
use App\Http\Controllers\Day\FocusSessionController;
use App\Http\Controllers\Day\HabitController;
use App\Http\Controllers\Day\LogController;
use App\Http\Controllers\Day\MainThingController;
use App\Http\Controllers\Day\TimeController;
use Illuminate\Support\Facades\Route;

Route::controller(DayController::class)->group(static function (): void {
    Route::get('/', 'current')->name('day');
    Route::get('/days/{day}', 'show')->name('days.show');
});
Route::put('/tasks/{task}/main', MainThingController::class)->name('tasks.main')->can('update', 'task');

Route::controller(LogController::class)->group(static function (): void {
    Route::get('/log/{day?}', 'index')->name('log');
    Route::post('/log-lines', 'store')->name('log-lines.store');
    Route::put('/log-lines/{logLine}', 'update')->name('log-lines.update')->can('update', 'logLine');
    Route::delete('/log-lines/{logLine}', 'destroy')->name('log-lines.destroy')->can('update', 'logLine');
});

Route::controller(FocusSessionController::class)->group(static function (): void {
    Route::post('/focus-sessions', 'store')->name('focus-sessions.store');
    Route::put('/focus-sessions/{focusSession}', 'end')->name('focus-sessions.end')->can('update', 'focusSession');
    Route::delete('/focus-sessions/{focusSession}', 'destroy')->name('focus-sessions.destroy')->can('update', 'focusSession');
});

Route::controller(HabitController::class)->group(static function (): void {
    Route::post('/habits', 'store')->name('habits.store');
    Route::put('/habits/{habit}', 'update')->name('habits.update')->can('update', 'habit');
    Route::delete('/habits/{habit}', 'end')->name('habits.end')->can('update', 'habit');
    Route::put('/habits/{habit}/ticks', 'tick')->name('habits.tick')->can('update', 'habit');
});

Route::get('/catch-up', [CatchUpController::class, 'show'])->name('catch-up');
Route::post('/catch-up', [CatchUpController::class, 'finish'])->name('catch-up.finish');

Route::controller(EveningController::class)->group(static function (): void {
    Route::put('/days/{day}/answers', 'answer')->name('evening.answer');
    Route::post('/evening-questions', 'add')->name('evening.add');
    Route::put('/evening-questions', 'ask')->name('evening.ask');
    Route::delete('/evening-questions', 'remove')->name('evening.remove');
});

Route::controller(TimeController::class)->group(static function (): void {
    Route::post('/appointments', 'appoint')->name('appointments.store');
    Route::put('/appointments/{appointment}', 'appoint')->name('appointments.update')->can('update', 'appointment');
    Route::delete('/appointments/{appointment}', 'free')->name('appointments.destroy')->can('update', 'appointment');
    Route::post('/protected-hours', 'protect')->name('protected-hours.store');
    Route::delete('/protected-hours/{protectedHours}', 'release')->name('protected-hours.destroy')->can('update', 'protectedHours');
    Route::post('/absences', 'leave')->name('absences.store');
    Route::delete('/absences/{absence}', 'comeBack')->name('absences.destroy')->can('update', 'absence');
});
