<?php

declare(strict_types=1);

use App\Http\Controllers\Direction\AreaController;
use App\Http\Controllers\Direction\DirectionController;
use App\Http\Controllers\Direction\PlanningController;
use App\Http\Controllers\Direction\ShelfController;
use Illuminate\Support\Facades\Route;

Route::get('/direction/{period?}', [DirectionController::class, 'show'])->name('direction');
Route::put('/purpose', [DirectionController::class, 'purpose'])->name('purpose');
Route::put('/periods/{period}/words', [DirectionController::class, 'sayOf'])->name('periods.say');
Route::post('/outlooks', [DirectionController::class, 'storeOutlook'])->name('outlooks.store');
Route::put('/outlooks/{outlook}', [DirectionController::class, 'updateOutlook'])->name('outlooks.update');
Route::delete('/outlooks/{outlook}', [DirectionController::class, 'removeOutlook'])->name('outlooks.destroy');
Route::put('/goals/{goal}/place', [DirectionController::class, 'place'])->name('goals.place');

Route::get('/areas', [AreaController::class, 'index'])->name('areas.index');
Route::post('/areas', [AreaController::class, 'store'])->name('areas.store');
Route::get('/areas/{area}', [AreaController::class, 'show'])->name('areas.show');
Route::put('/areas/{area}', [AreaController::class, 'update'])->name('areas.update');
Route::delete('/areas/{area}', [AreaController::class, 'destroy'])->name('areas.destroy');
Route::post('/areas/{area}/jots', [AreaController::class, 'jot'])->name('areas.jot');
Route::post('/areas/{area}/contacts', [AreaController::class, 'storeContact'])->name('contacts.store');
Route::put('/contacts/{contact}', [AreaController::class, 'updateContact'])->name('contacts.update');
Route::delete('/contacts/{contact}', [AreaController::class, 'removeContact'])->name('contacts.destroy');

Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
Route::post('/shelf', [ShelfController::class, 'store'])->name('shelf.store');
Route::put('/shelf/{kind}/{id}', [ShelfController::class, 'put'])->whereNumber('id')->name('shelf.put');
Route::post('/shelf/{kind}/{id}/back', [ShelfController::class, 'takeBack'])->whereNumber('id')->name('shelf.back');
Route::delete('/shelf/{kind}/{id}', [ShelfController::class, 'letGo'])->whereNumber('id')->name('shelf.go');

Route::get('/planning/{stretch}/{step?}', [PlanningController::class, 'show'])->name('planning');
Route::put('/planning/{stretch}/{step}', [PlanningController::class, 'goTo'])->name('planning.step');
Route::post('/planning/{stretch}/finish', [PlanningController::class, 'finish'])->name('planning.finish');
Route::put('/goals/{goal}/mark', [PlanningController::class, 'mark'])->name('goals.mark');
Route::post('/planning/{stretch}/resolves', [PlanningController::class, 'resolve'])->name('resolves.store');
Route::put('/resolves/{resolve}/end', [PlanningController::class, 'endResolve'])->name('resolves.end');
Route::delete('/resolves/{resolve}', [PlanningController::class, 'removeResolve'])->name('resolves.destroy');
