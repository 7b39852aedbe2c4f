<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Ordering;
use Loftrin\Core\Work\Rank;

/**
 * @property ?string $notes
 * @property ?int $project_id
 * @property ?int $goal_id
 * @property ?Day $goal_since from which day on it stands at its goal, once it was carried there; null for always
 * @property ?int $stage_id
 * @property int $position
 * @property Visibility $visibility
 * @property Day $created_on
 * @property ?Day $done_on
 * @property ?Day $dropped_on
 * @property ?Day $shelved_on
 * @property ?Day $return_on
 * @property ?Day $due_on
 * @property ?string $due_at HH:MM, of the day on which it is due
 * @property ?string $planned
 * @property ?string $planned_at HH:MM, of the day that it is planned for
 * @property ?Day $planned_from
 * @property ?Day $planned_to
 * @property int $carried
 * @property ?int $stage_before_id where it stood before it was ticked
 * @property ?Day $in_progress_since
 * @property ?int $checked_by_id who is to look it over
 * @property ?string $waiting_on
 * @property ?int $waiting_person_id when it waits on one of the people
 * @property ?int $waiting_contact_id
 * @property ?Day $follow_up_on
 * @property ?Day $waiting_since
 * @property ?int $minutes
 * @property ?Rank $rank
 * @property ?Focus $focus
 * @property ?string $place
 * @property ?Day $put_back_on when its time was cleared
 * @property ?int $agenda_item_id
 * @property ?Carbon $confirmed_at when its owner said yes to it, of one that was agreed on in a meeting
 * @property bool $is_worth_telling once it is done
 * @property ?Day $kept_on when it was last looked at for thinning out, and kept
 * @property ?int $main_effort_id that it is work on
 * @property ?int $template_task_id that it was made from
 * @property ?int $recurring_task_id that it comes back by
 * @property ?Day $occurs_on the time of the recurring task that it is for
 * @property Day $changed_on
 * @property-read ?Project $project
 * @property-read ?Goal $goal
 * @property-read ?Stage $stage
 * @property-read ?Person $checkedBy
 * @property-read ?Contact $waitingContact
 * @property-read Collection<int, Step> $steps
 * @property-read Collection<int, Dependency> $dependencies
 * @property-read Collection<int, Stay> $stays where it stood before
 * @property-read ?RecurringTask $recurringTask
 * @property-read ?AgendaItem $agendaItem
 */
final class Task extends TaskOrProject
{
    use BelongsToProject;
    use FindsOpen;
    use MayBePrivate {
        letSee as private letSeeOwnOrOpen;
        isVisibleTo as private isOwnOrOpen;
    }

    /** What of a task is no activity: where it lies among others, and what the application notes by itself. */
    private const NO_ACTIVITY = ['position', 'kept_on', 'changed_on', 'updated_at'];

    protected $table = 'tasks';

    /** The one place that says when a task was changed last, unless whoever writes it knows better. Rules: computation 8. */
    protected static function booted(): void
    {
        parent::booted();
        self::saving(static function (self $task): void {
            if (! $task->isDirty('changed_on') && array_diff(array_keys($task->getDirty()), self::NO_ACTIVITY) !== []) {
                $task->changed_on = app(Workspace::class)->today();
            }
        });
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    /** @return BelongsTo<Stage, $this> */
    public function stage(): BelongsTo
    {
        return $this->belongsTo(Stage::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function checkedBy(): BelongsTo
    {
        return $this->belongsToPerson('checked_by_id');
    }

    /** @return BelongsTo<Contact, $this> */
    public function waitingContact(): BelongsTo
    {
        return $this->belongsTo(Contact::class, 'waiting_contact_id');
    }

    /** @return BelongsTo<RecurringTask, $this> */
    public function recurringTask(): BelongsTo
    {
        return $this->belongsTo(RecurringTask::class);
    }

    /** @return HasMany<Step, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(Step::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class)->orderBy('until_on')->orderBy('id');
    }

    /** @return HasMany<Dependency, $this> */
    public function dependencies(): HasMany
    {
        return $this->hasMany(Dependency::class)->orderBy('id');
    }

    /** @return BelongsTo<AgendaItem, $this> */
    public function agendaItem(): BelongsTo
    {
        return $this->belongsTo(AgendaItem::class, 'agenda_item_id');
    }

    /** Neither done, nor dropped, nor on the shelf. */
    public function isOpen(): bool
    {
        return $this->done_on === null && $this->dropped_on === null && $this->shelved_on === null;
    }

    /** Dropped, or on the shelf. */
    public function isAside(): bool
    {
        return $this->dropped_on !== null || $this->shelved_on !== null;
    }

    public function isVisibleTo(Person $person): bool
    {
        return $this->isOwnOrOpen($person) || self::query()->visibleTo($person)->whereKey($this->id)->exists();
    }

    /**
     * What was agreed in a private meeting is seen by those who attend it, what is for a goal or in a project by those who see that.
     *
     * @param Builder<self> $either
     *
     * @return Builder<self>
     */
    protected function letSee(Builder $either, Person $person): Builder
    {
        $attended = DB::table('agenda_items')
            ->join('meetings', 'meetings.id', 'agenda_items.meeting_id')
            ->join('series', 'series.id', 'meetings.series_id')
            ->join('attendees', 'attendees.series_id', 'series.id')
            ->where('is_private', true)
            ->where('attendees.person_id', $person->id)
            ->select('agenda_items.id');

        return $this->letSeeOwnOrOpen($either, $person)
            ->orWhereIn($either->qualifyColumn('goal_id'), Goal::query()->visibleTo($person)->select('id'))
            ->orWhereIn($either->qualifyColumn('project_id'), Project::query()->hidden()->visibleTo($person)->select('id'))
            ->orWhereIn($either->qualifyColumn('recurring_task_id'), RecurringTask::query()->inHidden($person)->select('id'))
            ->orWhereIn($either->qualifyColumn('agenda_item_id'), $attended);
    }

    /** The position of one that comes last in a project, or among those of none. */
    public static function placeAtEnd(?int $project): int
    {
        $last = self::query()->where('project_id', $project)->max('position');

        return (is_numeric($last) ? (int) $last : 0) + Ordering::STEP;
    }

    protected function casts(): array
    {
        return [
            'visibility' => Visibility::class,
            'created_on' => AsDay::class,
            'done_on' => AsDay::class,
            'dropped_on' => AsDay::class,
            'shelved_on' => AsDay::class,
            'return_on' => AsDay::class,
            'due_on' => AsDay::class,
            'planned_from' => AsDay::class,
            'planned_to' => AsDay::class,
            'waiting_since' => AsDay::class,
            'follow_up_on' => AsDay::class,
            'in_progress_since' => AsDay::class,
            'rank' => Rank::class,
            'focus' => Focus::class,
            'put_back_on' => AsDay::class,
            'occurs_on' => AsDay::class,
            'goal_since' => AsDay::class,
            'changed_on' => AsDay::class,
            'confirmed_at' => 'datetime',
            'is_worth_telling' => 'boolean',
            'kept_on' => AsDay::class,
        ];
    }
}
