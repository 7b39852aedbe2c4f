<?php

declare(strict_types=1);

use App\Http\Controllers\Direction\AreaController;
use App\Http\Controllers\Direction\DirectionController;
use App\Http\Controllers\Direction\PlanningController;
use App\Http\Controllers\Direction\ShelfController;
use Illuminate\Support\Facades\Route;

Route::get('/direction/{period?}', [DirectionController::class, 'show'])->name('direction');
Route::put('/purpose', [DirectionController::class, 'purpose'])
    ->name('purpose')
    ->can('lead');
Route::put('/periods/{period}/words', [DirectionController::class, 'saveWords'])
    ->name('periods.say')
    ->can('saveWords', 'period');
Route::post('/long-term-goals', [DirectionController::class, 'storeLongTermGoal'])
    ->name('long-term-goals.store')
    ->can('lead');
Route::put('/long-term-goals/{longTermGoal}', [DirectionController::class, 'updateLongTermGoal'])
    ->name('long-term-goals.update')
    ->can('update', 'longTermGoal');
Route::delete('/long-term-goals/{longTermGoal}', [DirectionController::class, 'removeLongTermGoal'])
    ->name('long-term-goals.destroy')
    ->can('update', 'longTermGoal');
Route::put('/goals/{goal}/place', [DirectionController::class, 'place'])
    ->name('goals.place')
    ->can('update', 'goal');

Route::get('/areas', [AreaController::class, 'index'])->name('areas.index');
Route::post('/areas', [AreaController::class, 'store'])
    ->name('areas.store')
    ->can('lead');
Route::get('/areas/{area}', [AreaController::class, 'show'])->name('areas.show');
Route::put('/areas/{area}', [AreaController::class, 'update'])
    ->name('areas.update')
    ->can('update', 'area');
Route::delete('/areas/{area}', [AreaController::class, 'destroy'])
    ->name('areas.destroy')
    ->can('lead');
Route::post('/areas/{area}/jots', [AreaController::class, 'jot'])->name('areas.jot');
Route::post('/areas/{area}/contacts', [AreaController::class, 'storeContact'])->name('contacts.store');
Route::put('/contacts/{contact}', [AreaController::class, 'updateContact'])
    ->name('contacts.update')
    ->can('update', 'contact');
Route::delete('/contacts/{contact}', [AreaController::class, 'removeContact'])
    ->name('contacts.destroy')
    ->can('update', 'contact');

Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
Route::post('/shelf', [ShelfController::class, 'store'])->name('shelf.store');
Route::post('/return-dates', [ShelfController::class, 'bringBack'])->name('return-dates.store');
Route::put('/shelf/{kind}/{shelved}', [ShelfController::class, 'put'])
    ->name('shelf.put')
    ->can('update', 'shelved');
Route::post('/shelf/{kind}/{shelved}/back', [ShelfController::class, 'restore'])
    ->name('shelf.back')
    ->can('update', 'shelved');
Route::delete('/shelf/{kind}/{shelved}', [ShelfController::class, 'letGo'])
    ->name('shelf.go')
    ->can('update', 'shelved');

Route::get('/planning/{stretch}/{step?}', [PlanningController::class, 'show'])->name('planning');
Route::put('/planning/{stretch}/{step}', [PlanningController::class, 'goTo'])->name('planning.step');
Route::post('/planning/{stretch}/finish', [PlanningController::class, 'finish'])
    ->name('planning.finish')
    ->can('lead');
Route::put('/goals/{goal}/mark', [PlanningController::class, 'mark'])
    ->name('goals.mark')
    ->can('update', 'goal');
