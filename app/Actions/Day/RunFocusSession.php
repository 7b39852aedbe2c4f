<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\FocusSession;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Day\FocusRounds;
use Loftrin\Core\Day\SessionOutcome;

/** Begins a focus session and ends it. It runs on the server's clock: a reload or a closed laptop does not stop it. */
final readonly class RunFocusSession
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange while another one of theirs is running, or of a task that they cannot see */
    public function begin(Person $who, string $intent, FocusRounds $rounds, ?Task $task): FocusSession
    {
        if ($task !== null && Gate::forUser($who)->denies('view', $task)) {
            throw new RefusedChange('task', 'This task no longer exists.');
        }

        return $this->log->change($who, "Began “{$intent}”", function () use ($who, $intent, $rounds, $task): FocusSession {
            $this->endForgotten($who);

            return FocusSession::query()->create([
                'person_id' => $who->id,
                'task_id' => $task?->id,
                'intent' => $intent,
                'minutes' => $rounds->minutes,
                'rounds' => $rounds->rounds,
                'break_minutes' => $rounds->break,
                'on' => $this->workspace->today(),
                'begun_at' => Carbon::now(),
            ]);
        });
    }

    /** One that was forgotten ended when it was meant to, with nothing said of it. */
    private function endForgotten(Person $who): void
    {
        $running = FocusSession::query()->where('person_id', $who->id)->whereNull('ended_at')->first();

        if ($running === null) {
            return;
        }

        if (! $running->rounds()->isForgotten($running->elapsed())) {
            throw new RefusedChange('intent', 'A focus session is running. End it before you begin another.');
        }

        $running->update(['ended_at' => $running->begun_at->copy()->addSeconds($running->rounds()->length())]);
    }

    /** @throws RefusedChange when it has ended already */
    public function end(Person $who, FocusSession $session, SessionOutcome $outcome, ?string $obstacle): void
    {
        if ($session->ended_at !== null) {
            throw new RefusedChange('outcome', 'This focus session has ended already.');
        }

        $ended = $session->begun_at->copy()->addSeconds($session->rounds()->endedAfter($session->elapsed()));
        $this->log->change(
            $who,
            "Ended “{$session->intent}”: {$outcome->words()}",
            static fn() => $session->update(['ended_at' => $ended, 'outcome' => $outcome, 'obstacle' => $obstacle]),
        );
    }

    public function remove(Person $who, FocusSession $session): void
    {
        $this->log->change($who, "Deleted the focus session “{$session->intent}”", static fn() => $session->delete());
    }
}
