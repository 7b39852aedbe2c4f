<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Actions\Week\AddTask;
use App\Actions\Week\TaskDraft;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** Thoughts written down unsorted, and sorted later. */
final readonly class SaveJot
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private AddTask $addTask)
    {
    }

    /** @param ?int $area in whose tray it is put, where several can sort it; null for one's own */
    public function keep(Person $who, string $words, ?int $area = null): Jot
    {
        return $this->log->change(
            $who,
            'Added to the tray',
            fn(): Jot => Jot::query()->create([
                'person_id' => $who->id,
                'area_id' => $area,
                'words' => $words,
                'jotted_on' => $this->workspace->today(),
            ]),
        );
    }

    /** Makes a task of it, for whoever jotted it. */
    public function makeTask(Person $who, Jot $jot, TaskDraft $draft): void
    {
        $this->log->change($who, "Made a task of “{$draft->title}”", function () use ($who, $jot, $draft): void {
            ($this->addTask)($who, $draft);
            $jot->update(['sorted_on' => $this->workspace->today()]);
        });
    }

    public function throwAway(Person $who, Jot $jot): void
    {
        $this->log->change($who, 'Deleted a jot', fn() => $jot->update(['sorted_on' => $this->workspace->today()]));
    }
}
