<?php

declare(strict_types=1);

use App\Http\Controllers\Meetings\DecisionController;
use App\Http\Controllers\Meetings\ExportController;
use App\Http\Controllers\Meetings\IssueController;
use App\Http\Controllers\Meetings\LineController;
use App\Http\Controllers\Meetings\MeetingController;
use App\Http\Controllers\Meetings\OutcomeController;
use App\Http\Controllers\Meetings\PointController;
use App\Http\Controllers\Meetings\SeriesController;
use Illuminate\Support\Facades\Route;

Route::get('/meetings', [SeriesController::class, 'index'])->name('meetings.index');
Route::get('/series/choices', [SeriesController::class, 'choices'])->name('series.choices');
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
Route::put('/series/{series}/agenda', [SeriesController::class, 'arrange'])
    ->name('series.arrange')
    ->can('run', 'series');
Route::post('/series/{series}/issues', [IssueController::class, 'store'])
    ->name('issues.store')
    ->can('view', 'series');
Route::get('/issues/goal', [IssueController::class, 'goal'])->name('issues.goal');
Route::post('/issues/{issue}/comments', [IssueController::class, 'comment'])
    ->name('issues.comment')
    ->can('view', 'issue');
Route::get('/issues/{issue}', [IssueController::class, 'show'])
    ->name('issues.show')
    ->can('view', 'issue');
Route::put('/issues/{issue}', [IssueController::class, 'update'])
    ->name('issues.update')
    ->can('update', 'issue');
Route::delete('/issues/{issue}', [IssueController::class, 'destroy'])
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
Route::put('/agenda-items/{item}/extra', [MeetingController::class, 'extend'])
    ->name('items.extend')
    ->can('update', 'item');
Route::put('/agenda-items/{item}/place', [MeetingController::class, 'move'])
    ->name('items.move')
    ->can('update', 'item');
Route::put('/agenda-items/{item}/lines', [LineController::class, 'write'])
    ->name('lines.write')
    ->can('update', 'item');
Route::put('/note-lines/{noteLine}', [LineController::class, 'correct'])
    ->name('note-lines.correct')
    ->can('update', 'noteLine');
Route::delete('/note-lines/{noteLine}', [LineController::class, 'remove'])
    ->name('note-lines.destroy')
    ->can('update', 'noteLine');
Route::put('/agenda-items/{item}/own-notes', [LineController::class, 'noteForOneself'])
    ->name('items.note')
    ->can('view', 'item');
Route::post('/agenda-items/{item}/decisions', [OutcomeController::class, 'decide'])
    ->name('items.decide')
    ->can('update', 'item');
Route::post('/agenda-items/{item}/next-steps', [OutcomeController::class, 'nextStep'])
    ->name('items.step')
    ->can('update', 'item');
Route::put('/agenda-items/{item}/outcome', [OutcomeController::class, 'settle'])
    ->name('items.settle')
    ->can('update', 'item');
Route::put('/tasks/{task}/confirmation', [OutcomeController::class, 'confirm'])
    ->name('tasks.confirm')
    ->can('update', 'task');
Route::put('/meetings/{meeting}/follow-ups/{task}', [OutcomeController::class, 'followUp'])
    ->name('meetings.follow-up')
    ->can('update', 'meeting')
    ->can('view', 'task');
Route::post('/meetings/{meeting}/issues/{issue}', [MeetingController::class, 'takeUp'])
    ->name('meetings.take-up')
    ->can('update', 'meeting')
    ->can('view', 'issue');
Route::put('/meetings/{meeting}/pause', [MeetingController::class, 'pause'])
    ->name('meetings.pause')
    ->can('update', 'meeting');
Route::put('/meetings/{meeting}/presence', [MeetingController::class, 'beHere'])
    ->name('meetings.here')
    ->can('view', 'meeting');
Route::put('/meetings/{meeting}/closing', [MeetingController::class, 'announceClosing'])
    ->name('meetings.closing')
    ->can('update', 'meeting');
Route::post('/meetings/{meeting}/additions', [LineController::class, 'add'])
    ->name('meetings.add')
    ->can('update', 'meeting');
Route::get('/meetings/{meeting}/minutes.md', [ExportController::class, 'markdown'])
    ->name('meetings.markdown')
    ->can('view', 'meeting');
Route::get('/meetings/{meeting}/minutes.pdf', [ExportController::class, 'pdf'])
    ->name('meetings.pdf')
    ->can('view', 'meeting');
Route::get('/series/{series}/next.ics', [ExportController::class, 'calendar'])
    ->name('series.calendar')
    ->can('view', 'series');
Route::post('/meetings/{meeting}/send', [MeetingController::class, 'send'])
    ->name('meetings.send')
    ->can('update', 'meeting');
Route::put('/series/{series}/meetings/{day}', [SeriesController::class, 'change'])
    ->name('series.change')
    ->can('run', 'series');
Route::delete('/series/{series}/meetings/{day}', [SeriesController::class, 'restore'])
    ->name('series.restore')
    ->can('run', 'series');
Route::get('/series/{series}/record', [SeriesController::class, 'record'])
    ->name('series.record')
    ->can('view', 'series');
Route::post('/issues/{issue}/next', [IssueController::class, 'toNext'])
    ->name('issues.next')
    ->can('update', 'issue');

Route::get('/decisions', [DecisionController::class, 'index'])->name('decisions.index');
Route::post('/decisions', [DecisionController::class, 'store'])->name('decisions.store');
Route::delete('/decisions/{decision}', [DecisionController::class, 'destroy'])
    ->name('decisions.destroy')
    ->can('update', 'decision');

Route::post('/points', [PointController::class, 'store'])->name('points.store');
Route::put('/points/{point}', [PointController::class, 'tick'])
    ->name('points.tick')
    ->can('update', 'point');
Route::delete('/points/{point}', [PointController::class, 'destroy'])
    ->name('points.destroy')
    ->can('update', 'point');
