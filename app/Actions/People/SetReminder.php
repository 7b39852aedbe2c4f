<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Projects\ProjectDraft;
use App\Actions\Projects\SaveProject;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reminder;
use App\Models\ReminderKind;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Sets a reminder, puts it off, or settles it: seen, answered with no, or with a yes that makes a project of it. */
final readonly class SetReminder
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private SaveProject $projects)
    {
    }

    public function set(Person $who, string $words, ReminderKind $kind, Day $on, ?string $at): Reminder
    {
        return $this->log->change(
            $who,
            "Added “{$words}”",
            static fn(): Reminder => Reminder::query()->create([
                'person_id' => $who->id,
                'words' => $words,
                'kind' => $kind,
                'on' => $on,
                'at' => $at,
            ]),
        );
    }

    /** @throws RefusedChange when the day is over */
    public function putOff(Person $who, Reminder $reminder, Day $on): void
    {
        if ($on->isBefore($this->workspace->today())) {
            throw new RefusedChange('on', 'This date has passed');
        }

        $this->log->change(
            $who,
            "Changed the return date of “{$reminder->words}”",
            static fn() => $reminder->update(['on' => $on, 'told_at' => null]),
        );
    }

    /** Seen, or answered with no: it is done. */
    public function settle(Person $who, Reminder $reminder): void
    {
        $this->log->change(
            $who,
            ($reminder->kind === ReminderKind::Ask ? 'Dismissed ' : 'Completed ')."“{$reminder->words}”",
            fn() => $reminder->update(['settled_on' => $this->workspace->today()]),
        );
    }

    /** Answered with yes: a project comes of it. */
    public function accept(Person $who, Reminder $reminder): Project
    {
        return $this->log->change($who, "Started a project for “{$reminder->words}”", function () use ($who, $reminder): Project {
            $project = ($this->projects)($who, new ProjectDraft(rtrim($reminder->words, " ?\u{00A0}")));
            $reminder->update(['settled_on' => $this->workspace->today(), 'project_id' => $project->id]);

            return $project;
        });
    }

    public function remove(Person $who, Reminder $reminder): void
    {
        $this->log->change($who, "Deleted “{$reminder->words}”", static fn() => $reminder->delete());
    }
}
