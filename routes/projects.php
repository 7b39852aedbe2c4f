<?php

declare(strict_types=1);

use App\Http\Controllers\Projects\AttachmentController;
use App\Http\Controllers\Projects\CharterController;
use App\Http\Controllers\Projects\ProjectController;
use App\Http\Controllers\Projects\RegisterController;
use App\Http\Controllers\Projects\TemplateController;
use Illuminate\Support\Facades\Route;

Route::get('/projects', [RegisterController::class, 'show'])->name('projects.index');
Route::put('/projects/limit', [RegisterController::class, 'limit'])
    ->name('projects.limit')
    ->can('lead');
Route::post('/fields', [RegisterController::class, 'addField'])
    ->name('fields.store')
    ->can('lead');
Route::delete('/fields/{field}', [RegisterController::class, 'removeField'])
    ->name('fields.destroy')
    ->can('update', 'field');
Route::put('/projects/{project}/collections', [RegisterController::class, 'gather'])
    ->name('projects.gather')
    ->can('update', 'project');
Route::put('/projects/{project}/fields/{field}', [RegisterController::class, 'enter'])
    ->name('fields.enter')
    ->can('update', 'project');
Route::get('/projects/new', [ProjectController::class, 'create'])->name('projects.create');
Route::post('/projects', [ProjectController::class, 'store'])->name('projects.store');
Route::get('/projects/{project}', [ProjectController::class, 'show'])
    ->name('projects.show')
    ->can('view', 'project');
Route::get('/projects/{project}/edit', [ProjectController::class, 'edit'])
    ->name('projects.edit')
    ->can('update', 'project');
Route::put('/projects/{project}', [ProjectController::class, 'update'])
    ->name('projects.update')
    ->can('update', 'project');
Route::put('/projects/{project}/state', [ProjectController::class, 'setState'])
    ->name('projects.state')
    ->can('update', 'project');

Route::put('/projects/{project}/charter', [CharterController::class, 'write'])
    ->name('charter')
    ->can('update', 'project');
Route::put('/projects/{project}/status', [CharterController::class, 'status'])
    ->name('projects.status')
    ->can('update', 'project');
Route::put('/projects/{project}/close', [CharterController::class, 'close'])
    ->name('projects.close')
    ->can('update', 'project');
Route::post('/projects/{project}/milestones', [CharterController::class, 'storeMilestone'])
    ->name('milestones.store')
    ->can('update', 'project');
Route::put('/milestones/{milestone}', [CharterController::class, 'updateMilestone'])
    ->name('milestones.update')
    ->can('update', 'milestone');
Route::put('/milestones/{milestone}/reached', [CharterController::class, 'reach'])
    ->name('milestones.reach')
    ->can('update', 'milestone');
Route::delete('/milestones/{milestone}', [CharterController::class, 'removeMilestone'])
    ->name('milestones.destroy')
    ->can('update', 'milestone');
Route::post('/projects/{project}/lines', [CharterController::class, 'storeLine'])
    ->name('lines.store')
    ->can('view', 'project');
Route::post('/lines/{line}/promote', [CharterController::class, 'promote'])
    ->name('lines.promote')
    ->can('update', 'line');
Route::delete('/lines/{line}', [CharterController::class, 'removeLine'])
    ->name('lines.destroy')
    ->can('update', 'line');

Route::controller(AttachmentController::class)->group(static function (): void {
    Route::whereIn('kind', ['tasks', 'projects'])->group(static function (): void {
        Route::post('/{kind}/{work}/comments', 'comment')->name('work.comment')->can('view', 'work');
        Route::put('/{kind}/{work}/helpers', 'helpers')->name('work.helpers')->can('view', 'work');
        Route::post('/{kind}/{work}/files', 'addFile')->middleware('throttle:uploads')->name('files.store')->can('view', 'work');
        Route::post('/{kind}/{work}/references', 'addReference')->name('references.store')->can('view', 'work');
    });
    Route::get('/files/{file}', 'file')->name('files.show')->can('view', 'file');
    Route::delete('/files/{file}', 'removeFile')->name('files.destroy')->can('update', 'file');
    Route::delete('/references/{reference}', 'removeReference')->name('references.destroy')->can('update', 'reference');
});

Route::controller(TemplateController::class)->group(static function (): void {
    Route::get('/templates', 'index')->name('templates.index');
    Route::get('/templates/new', 'create')->name('templates.create');
    Route::post('/templates', 'store')->name('templates.store');
    Route::get('/templates/{template}', 'show')->name('templates.show');
    Route::put('/templates/{template}', 'update')->name('templates.update');
    Route::get('/templates/{template}/start', 'start')->name('templates.start');
    Route::post('/templates/{template}/start', 'begin')->name('templates.begin');
    Route::post('/projects/{project}/template', 'ofProject')->name('projects.template')->can('view', 'project');
    Route::put('/projects/{project}/template', 'take')->name('projects.take')->can('update', 'project');
});
