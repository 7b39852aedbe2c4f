<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Requests\ValidDay;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Direction\ShelfKind;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Routing\Route as CurrentRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the parameters of routes stand for. What is not there is told before anybody's right is asked, or what was sent. */
final class RouteParametersProvider extends ServiceProvider
{
    /** The number of a record in an address. */
    public const NUMBER = '[0-9]{1,15}';

    /** Parameters that are numbers of records. */
    private const NUMBERED = [
        'absence',
        'appointment',
        'area',
        'assumption',
        'attendance',
        'decision',
        'group',
        'comment',
        'agreed',
        'contact',
        'estimate',
        'field',
        'file',
        'focusSession',
        'goal',
        'habit',
        'issue',
        'item',
        'jot',
        'judgement',
        'line',
        'logLine',
        'mainEffort',
        'meeting',
        'milestone',
        'noteLine',
        'longTermGoal',
        'template',
        'person',
        'point',
        'project',
        'protectedHours',
        'reading',
        'reference',
        'report',
        'retrospective',
        'recurringTask',
        'saved',
        'series',
        'shelved',
        'task',
        'tradeOff',
        'work',
    ];

    public function boot(): void
    {
        foreach (self::NUMBERED as $name) {
            Route::pattern($name, self::NUMBER);
        }

        Route::bind('period', fn(string $name): Period => $this->period($name));
        Route::bind('day', static fn(string $date): Day => ValidDay::read($date) ?? throw new NotFoundHttpException());
        Route::bind('month', fn(string $name): Period => $this->period($name, Horizon::Month));
        Route::bind('week', fn(string $name): Period => $this->period($name, Horizon::Week));
        Route::bind(
            'stretch',
            fn(string $name): PlanningSpan => PlanningSpan::tryOf($this->workspace()->calendar(), $name) ??
                throw new NotFoundHttpException(),
        );
        Route::bind(
            'work',
            static fn(string $id, CurrentRoute $route): Task|Project => match ($route->parameter('kind')) {
                'tasks' => Task::query()->findOrFail($id),
                'projects' => Project::query()->findOrFail($id),
                default => throw new ModelNotFoundException(),
            },
        );
        Route::bind('shelved', static function (string $id, CurrentRoute $route): Jot|Task|Project|Goal|Issue {
            $kind = $route->parameter('kind');
            $kind = is_string($kind) ? ShelfKind::tryFrom($kind) : $kind;

            return $kind instanceof ShelfKind ? $kind->find((int) $id) : throw new ModelNotFoundException();
        });
    }

    private function period(string $name, ?Horizon $horizon = null): Period
    {
        $period = $this->workspace()->calendar()->tryPeriod($name);

        return $period !== null && ($horizon === null || $period->horizon === $horizon) ? $period : throw new NotFoundHttpException();
    }

    private function workspace(): Workspace
    {
        return $this->app->make(Workspace::class);
    }
}
