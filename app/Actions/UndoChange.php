<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Record;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;
use Spatie\Activitylog\Models\Activity;

/** Takes back everything that one change wrote, unless somebody has changed it since. */
final readonly class UndoChange
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @throws ModelNotFoundException when the person made no such change
     * @throws RefusedChange          when what it wrote has been changed since
     */
    public function __invoke(Person $who, string $batch): void
    {
        /** @var Collection<int, Activity> $entries */
        $entries = Activity::query()
            ->where('batch_uuid', $batch)
            ->where('causer_type', $who->getMorphClass())
            ->where('causer_id', $who->id)
            ->orderByDesc('id')
            ->get();
        $first = $entries->first() ?? throw (new ModelNotFoundException())->setModel(Activity::class, [$batch]);

        $this->log->change($who, 'Undid: '.lcfirst($first->description), function () use ($entries): void {
            foreach ($entries as $entry) {
                $this->takeBack($entry);
            }
        });
    }

    private function takeBack(Activity $entry): void
    {
        $class = (string) $entry->subject_type;

        if (! is_subclass_of($class, Record::class)) {
            return;
        }

        /** @var array<string, mixed> $now */
        $now = $entry->properties?->get('now', []) ?? [];
        /** @var array<string, mixed> $before */
        $before = $entry->properties?->get('before', []) ?? [];
        $record = $class::query()->find($entry->subject_id);

        if ($entry->event === 'deleted') {
            (new $class())->setRawAttributes($now)->save();

            return;
        }

        if (! $record instanceof Record || $this->differs($record, $now, $entry->event === 'created')) {
            throw new RefusedChange('undo', 'This has been changed since. Nothing was taken back.');
        }

        match ($entry->event) {
            'created' => $record->delete(),
            default => $record->setRawAttributes([...$record->getAttributes(), ...$before])->save(),
        };
    }

    /** A stored value as text: a driver may give a number back that was written as text. */
    private static function plain(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '0',
            is_numeric($value) => (string) ($value + 0),
            default => (string) json_encode($value),
        };
    }

    /**
     * Whether a column that the change wrote holds something else by now. A record that was made may have
     * been worked on: what it was made with decides.
     *
     * @param array<string, mixed> $now
     */
    private function differs(Record $record, array $now, bool $wasMade): bool
    {
        $there = $record->getAttributes();
        $ignored = $wasMade ? ['position', 'created_at', 'changed_on'] : ['changed_on'];

        foreach (array_diff_key($now, array_flip($ignored)) as $column => $value) {
            if (array_key_exists($column, $there) && self::plain($there[$column]) !== self::plain($value)) {
                return true;
            }
        }

        return false;
    }
}
