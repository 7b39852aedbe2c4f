<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Journal;
use App\Models\Person;
use App\Models\Record;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Spatie\Activitylog\Contracts\Activity;
use Spatie\Activitylog\Models\Activity as StoredActivity;

/**
 * The one way in which anything is changed: in one transaction, told in a few words, logged with who, when and what it
 * was before, so that it can be undone. Records are read, and rules and rights checked, within that transaction: it has
 * the turn to write from its first statement on.
 */
final class ChangeLog implements Journal
{
    private ?string $batch = null;

    private string $words = '';

    private ?Person $who = null;

    private bool $wrote = false;

    /** Whether the change concerns what was before this week. */
    private bool $touchedPast = false;

    private ?string $part = null;

    /** @var ?array{words: string, batch: string, isFinal: bool} the last change of this request */
    private ?array $last = null;

    public function __construct(private readonly Stamp $stamp, private readonly Past $past)
    {
    }

    /**
     * @template T
     *
     * @param string $words what was done, as told to people: "Ticked “Order shackles”"
     * @param callable(): T $work
     * @param ?MadeChange $takesBack that this one undoes, or does again
     * @param bool $isStep whether it is one of the steps that a person goes back by: what saves itself while they write is not
     * @param bool $isFinal whether it cannot be undone: no way back is offered
     *
     * @return T
     *
     * @throws RefusedChange as the work does: then nothing is changed
     * @throws TurnNotGiven when others keep writing for too long
     */
    public function change(
        Person $who,
        string $words,
        callable $work,
        ?MadeChange $takesBack = null,
        bool $isStep = true,
        bool $isFinal = false,
    ): mixed {
        if ($this->batch !== null) {
            return $work();
        }

        $batch = Str::uuid()->toString();
        $words = Str::limit($words, 250, '…');

        $result = DB::transaction(function () use ($who, $words, $work, $batch, $takesBack, $isStep): mixed {
            [$this->batch, $this->words, $this->who, $this->wrote, $this->touchedPast] = [$batch, $words, $who, false, false];

            try {
                $result = $work();

                $this->keep($takesBack, $isStep);

                return $result;
            } finally {
                $this->batch = null;
            }
        });

        $this->last = $this->wrote ? ['words' => Str::limit($words, 120, '…'), 'batch' => $batch, 'isFinal' => $isFinal] : null;

        return $result;
    }

    /**
     * Logs what the work writes as a part of the change that can be found again on its own. A part within it is of it.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function part(string $name, callable $work): mixed
    {
        [$before, $this->part] = [$this->part, $this->part ?? $name];

        try {
            return $work();
        } finally {
            $this->part = $before;
        }
    }

    /** Whether a change is being made: what is true until it is done may never become so. */
    public function isOpen(): bool
    {
        return $this->batch !== null;
    }

    /** Called for each record written: outside a change, as when a workspace is first filled, only the state gets another name. */
    public function note(Record $record, string $event): void
    {
        if ($this->batch === null || $this->who === null) {
            $this->stamp->renew();

            return;
        }

        $secret = array_flip([...$record->getHidden(), 'updated_at']);
        $now = array_diff_key($event === 'updated' ? $record->getChanges() : $record->getAttributes(), $secret);

        if ($now === []) {
            return;
        }

        $this->wrote = true;
        $this->touchedPast = $this->touchedPast || $this->past->isTouchedBy($record, $event);
        activity($this->part)
            ->performedOn($record)
            ->causedBy($this->who)
            ->event($event)
            ->withProperties([
                'now' => $now,
                ...$event === 'updated' ? ['before' => array_diff_key($record->before(), $secret)] : [],
            ])
            ->tap(function (Activity $activity): void {
                if ($activity instanceof StoredActivity) {
                    $activity->setAttribute('batch_uuid', $this->batch);
                }
            })
            ->log($this->words);
    }

    /** @return ?array{words: string, batch: string, isFinal: bool} */
    public function last(): ?array
    {
        return $this->last;
    }

    /** Nothing is kept of a change that changed nothing. */
    private function keep(?MadeChange $takesBack, bool $isStep): void
    {
        if (! $this->wrote) {
            return;
        }

        $id = DB::table('changes')->insertGetId([
            'batch' => $this->batch,
            'person_id' => $this->who?->id,
            'words' => $this->words,
            'kind' => $takesBack?->reverse() ?? ChangeKind::Change,
            'takes_back_id' => $takesBack?->id,
            'is_step' => $isStep,
            'made_at' => Carbon::now(),
        ]);

        if ($takesBack !== null) {
            DB::table('changes')
                ->where('id', $takesBack->id)
                ->update(['taken_back_by_id' => $id]);
        }

        $this->stamp->renew(past: $this->touchedPast);
    }
}
