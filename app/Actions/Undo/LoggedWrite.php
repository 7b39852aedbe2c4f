<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Actions\Goals\CloseGoal;
use App\Models\Contribution;
use App\Models\Following;
use App\Models\Goal;
use App\Models\Notification;
use App\Models\Record;
use App\Models\RecurringTaskContribution;
use App\Models\Task;
use Spatie\Activitylog\Models\Activity;

/** One record that a change wrote, as the log has it: what it was before, and what it became. */
final readonly class LoggedWrite
{
    /**
     * @param class-string<Record> $class
     * @param array<string, mixed> $now the columns written, or all of a record that was made or deleted
     * @param array<string, mixed> $before those that were changed
     * @param ?Record $record as it is stored today
     */
    private function __construct(
        private int $id,
        public string $class,
        public string $event,
        public array $now,
        public array $before,
        public ?Record $record,
        public string $batch,
        private string $part,
    ) {
    }

    /** Null of what is no record any more. */
    public static function of(Activity $activity): ?self
    {
        $class = (string) $activity->subject_type;

        if (! is_subclass_of($class, Record::class)) {
            return null;
        }

        return new self(
            id: $activity->id,
            class: $class,
            event: (string) $activity->event,
            now: self::columns($activity, 'now'),
            before: self::columns($activity, 'before'),
            record: $class::query()->find($activity->subject_id),
            batch: (string) $activity->batch_uuid,
            part: (string) $activity->log_name,
        );
    }

    /** The record as it is, or, of one that was deleted, as it would be again. */
    public function subject(): Record
    {
        return $this->record ?? (new $this->class())->setRawAttributes($this->now);
    }

    /** Whether it set a yes or no otherwise than it was; of a record that was made or deleted, whether it stood at yes. */
    public function isChanged(string $column): bool
    {
        return (bool) ($this->now[$column] ?? false) !== (bool) ($this->before[$column] ?? false);
    }

    /** Whether it only follows from the change it was part of: who was told of it, who follows by it. */
    public function isInPassing(): bool
    {
        return in_array($this->class, [Notification::class, Following::class], true);
    }

    /** Whether it says no more than when a task was changed, by what belongs to it: whoever may take that back may take back this. */
    public function isStamp(): bool
    {
        return $this->record instanceof Task && array_keys($this->now) === ['changed_on'];
    }

    /** The goal that was closed by it, of a link to goals that went over with that: whoever may close it may. Null of anything else. */
    public function closedGoal(): ?Goal
    {
        $isLink = in_array($this->class, [Contribution::class, RecurringTaskContribution::class], true);
        $goal = $isLink ? CloseGoal::goalOf($this->part) : null;

        return $goal === null ? null : Goal::query()->find($goal);
    }

    /** Whether the goal was closed already when this was written. */
    public function isOfClosed(Goal $goal): bool
    {
        $last = Activity::query()
            ->where('subject_type', Goal::class)
            ->where('subject_id', $goal->id)
            ->where('id', '<', $this->id)
            ->whereJsonContainsKey('properties->now->closed_on')
            ->orderByDesc('id')
            ->first();

        return $last !== null && data_get($last->properties, 'now.closed_on') !== null;
    }

    public function isMade(): bool
    {
        return $this->event === 'created';
    }

    public function isDeleted(): bool
    {
        return $this->event === 'deleted';
    }

    /** The record as it is again; null when it is gone by it. */
    public function reverse(): ?Record
    {
        $record = $this->subject();

        if ($this->isMade()) {
            $record->delete();

            return null;
        }

        if (! $this->isDeleted()) {
            $record->setRawAttributes([...$record->getAttributes(), ...array_intersect_key($this->before, $record->getAttributes())]);
        }

        $record->save();

        return $record;
    }

    /** @return array<string, mixed> */
    private static function columns(Activity $activity, string $which): array
    {
        $columns = $activity->properties?->get($which, []);

        /** @var array<string, mixed> */
        return is_array($columns) ? $columns : [];
    }
}
