<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\Meetings\KeepMinutes;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Reviews\FactsQuery;
use App\Queries\Reviews\PeriodFactsQuery;
use App\Queries\Reviews\ReportFigures;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;

/**
 * The demo workspace: Saltglass Instruments, nine people who make water-quality buoys for harbours and
 * fish farms. A year of history around the day it is loaded, the same every time for a given day.
 */
final class Saltglass
{
    private const TASKS = 500;

    public static function load(Day $today): void
    {
        DB::transaction(static function () use ($today): void {
            $stage = new Stage($today);
            $rows = new Rows($today);
            $people = new People($rows, $stage);
            $people->add();
            $direction = new Direction($rows, $stage, $people);
            $direction->add();
            $direction->plan();
            $goals = new Goals($rows, $stage, $people, $direction);
            $goals->add();
            (new GoalParts($rows, $stage, $people, $goals))->add();
            $work = new Work($rows, $stage, $people, $goals);
            $work->add();
            $templates = new Templates($rows, $stage, $people, $work);
            $templates->add();
            (new RecurringTasks(rows: $rows, stage: $stage, people: $people, goals: $goals, work: $work, templates: $templates))->add();
            $weeks = new Weeks($rows, $stage, $people, $goals, $work);
            $weeks->add();
            $laid = new MeetingRows($rows, $people);
            (new Meetings(rows: $rows, stage: $stage, people: $people, goals: $goals, work: $work, laid: $laid))->add();
            $now = Carbon::now()->toDateString() === (string) $today ? Carbon::now() : Carbon::parse("$today 10:00");
            (new MeetingsAlone($rows, $stage, $people, $laid))->add($now->toDateTimeImmutable());
            $weeks->fillUpTo(self::TASKS - count(LookedBack::CHANGES) - count(PayReview::TASKS));
            $direction->shelve();
            (new GoalHistory($rows, $stage, $people, $goals))->add();
            (new Beside($rows, $stage, $people, $work))->add();
            (new Days($rows, $stage, $people))->add();
            $rows->insert();
            (new PastWeeks($stage))->add();
            app(KeepMinutes::class)->ofAll();
            // Whom a task waits on is known by their name.
            DB::update(
                'update tasks set waiting_contact_id = (select id from contacts where contacts.name = '
                    .'tasks.waiting_on) where waiting_on is not null',
            );

            app()->forgetScopedInstances();
            (new Reviews($stage, app(FactsQuery::class), app(PeriodFactsQuery::class)))->add();
            (new LookedBack($stage, app(ReportFigures::class)))->add();
            (new PayReview($stage))->add();
            app()->forgetScopedInstances();
        });
    }

    /** Whether anybody is there yet. */
    public static function isWanted(): bool
    {
        return Workspace::query()->doesntExist() && Person::query()->doesntExist();
    }
}
