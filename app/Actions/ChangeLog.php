<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Spatie\Activitylog\Contracts\Activity;

/**
 * The one way in which anything is changed: in one transaction, told in a few words, logged with who,
 * when and what it was before, so that it can be undone.
 */
final class ChangeLog
{
    private ?string $batch = null;

    private string $words = '';

    private ?Person $who = null;

    private ?int $entry = null;

    /** @var ?array{words: string, batch: string} the last change of this request */
    private ?array $last = null;

    /**
     * @template T
     *
     * @param string        $words what was done, as told to people: "Ticked “Order shackles”"
     * @param callable(): T $work
     *
     * @return T
     */
    public function change(Person $who, string $words, callable $work): mixed
    {
        if ($this->batch !== null) {
            return $work();
        }

        $batch = Str::uuid()->toString();

        $result = DB::transaction(function () use ($who, $words, $work, $batch): mixed {
            [$this->batch, $this->words, $this->who] = [$batch, Str::limit($words, 250, '…'), $who];

            try {
                return $work();
            } finally {
                $this->batch = null;
            }
        });

        $this->last = ['words' => Str::limit($words, 120, '…'), 'batch' => $batch];

        return $result;
    }

    /** Called for each record written: outside a change (when a workspace is first filled) nothing is noted. */
    public function note(Record $record, string $event): void
    {
        if ($this->batch === null || $this->who === null) {
            return;
        }

        $secret = array_flip([...$record->getHidden(), 'updated_at']);
        $now = array_diff_key($event === 'updated' ? $record->getChanges() : $record->getAttributes(), $secret);

        if ($now === []) {
            return;
        }

        activity()
            ->performedOn($record)
            ->causedBy($this->who)
            ->event($event)
            ->withProperties([
                'now' => $now,
                ...($event === 'updated' ? ['before' => array_diff_key($record->before(), $secret)] : []),
            ])
            ->tap(function (Activity $activity): void {
                if ($activity instanceof \Spatie\Activitylog\Models\Activity) {
                    $activity->setAttribute('batch_uuid', $this->batch);
                }
            })
            ->log($this->words);
        $this->entry = null;
    }

    /** The number of the last entry: while it is the same, nothing was changed. */
    public function lastEntry(): int
    {
        $last = $this->entry ?? DB::table('activity_log')->max('id');

        return $this->entry = is_numeric($last) ? (int) $last : 0;
    }

    /** @return ?array{words: string, batch: string} */
    public function last(): ?array
    {
        return $this->last;
    }
}
