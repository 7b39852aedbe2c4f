<?php

declare(strict_types=1);

use App\Http\Controllers\Projects\AttachmentController;
use App\Http\Controllers\Projects\BriefController;
use App\Http\Controllers\Projects\PatternController;
use App\Http\Controllers\Projects\ProjectController;
use App\Http\Controllers\Projects\RegisterController;
use Illuminate\Support\Facades\Route;

Route::get('/projects', [RegisterController::class, 'show'])->name('projects.index');
Route::put('/projects/limit', [RegisterController::class, 'limit'])->name('projects.limit');
Route::post('/fields', [RegisterController::class, 'addField'])->name('fields.store');
Route::delete('/fields/{field}', [RegisterController::class, 'removeField'])->name('fields.destroy');
Route::put('/projects/{project}/collections', [RegisterController::class, 'gather'])->name('projects.gather');
Route::put('/projects/{project}/fields/{field}', [RegisterController::class, 'enter'])->name('fields.enter');
Route::get('/projects/new', [ProjectController::class, 'create'])->name('projects.create');
Route::post('/projects', [ProjectController::class, 'store'])->name('projects.store');
Route::get('/projects/{project}', [ProjectController::class, 'show'])->name('projects.show');
Route::get('/projects/{project}/edit', [ProjectController::class, 'edit'])->name('projects.edit');
Route::put('/projects/{project}', [ProjectController::class, 'update'])->name('projects.update');
Route::put('/projects/{project}/state', [ProjectController::class, 'setState'])->name('projects.state');

Route::put('/projects/{project}/brief', [BriefController::class, 'write'])->name('brief');
Route::put('/projects/{project}/status', [BriefController::class, 'status'])->name('projects.status');
Route::put('/projects/{project}/close', [BriefController::class, 'close'])->name('projects.close');
Route::post('/projects/{project}/milestones', [BriefController::class, 'storeMilestone'])->name('milestones.store');
Route::put('/milestones/{milestone}', [BriefController::class, 'updateMilestone'])->name('milestones.update');
Route::put('/milestones/{milestone}/reached', [BriefController::class, 'reach'])->name('milestones.reach');
Route::delete('/milestones/{milestone}', [BriefController::class, 'removeMilestone'])->name('milestones.destroy');
Route::post('/projects/{project}/lines', [BriefController::class, 'storeLine'])->name('lines.store');
Route::post('/lines/{line}/promote', [BriefController::class, 'promote'])->name('lines.promote');
Route::delete('/lines/{line}', [BriefController::class, 'removeLine'])->name('lines.destroy');

Route::controller(AttachmentController::class)->group(static function (): void {
    Route::whereIn('kind', ['tasks', 'projects'])->whereNumber('id')->group(static function (): void {
        Route::post('/{kind}/{id}/comments', 'comment')->name('work.comment');
        Route::put('/{kind}/{id}/helpers', 'helpers')->name('work.helpers');
        Route::post('/{kind}/{id}/files', 'addFile')->name('files.store');
        Route::post('/{kind}/{id}/references', 'addReference')->name('references.store');
    });
    Route::get('/files/{file}', 'file')->name('files.show');
    Route::delete('/files/{file}', 'removeFile')->name('files.destroy');
    Route::delete('/references/{reference}', 'removeReference')->name('references.destroy');
});

Route::controller(PatternController::class)->group(static function (): void {
    Route::get('/patterns', 'index')->name('patterns.index');
    Route::get('/patterns/new', 'create')->name('patterns.create');
    Route::post('/patterns', 'store')->name('patterns.store');
    Route::get('/patterns/{pattern}', 'show')->name('patterns.show');
    Route::put('/patterns/{pattern}', 'update')->name('patterns.update');
    Route::get('/patterns/{pattern}/start', 'start')->name('patterns.start');
    Route::post('/patterns/{pattern}/start', 'begin')->name('patterns.begin');
    Route::post('/projects/{project}/pattern', 'ofProject')->name('projects.pattern');
    Route::put('/projects/{project}/pattern', 'take')->name('projects.take');
});
