<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $person_id who wrote it down
 * @property ?int $area_id in whose tray it lies
 * @property ?int $series_id the same; in nobody's but the writer's when neither is set
 * @property string $words
 * @property Day $jotted_on
 * @property ?Day $sorted_on
 * @property ?Day $shelved_on
 * @property ?Day $return_on
 * @property ?string $return_at HH:MM on the wall clock
 * @property ?string $rhythm by which it comes back again, in words
 * @property ?string $rule the same as an RRULE
 * @property ?Carbon $told_at when its letter went out
 * @property ?int $task_id what it is about
 * @property ?int $project_id
 * @property ?int $goal_id
 * @property ?int $contact_id
 * @property ?int $file_id
 * @property ?list<string> $refused keys of what was understood of it and is not meant
 * @property ?array<string, string> $chosen what ambiguous names mean, by their keys: "project 12"
 * @property-read Person $person
 * @property-read ?Series $series
 * @property-read ?Task $task
 * @property-read ?Project $project
 * @property-read ?Goal $goal
 * @property-read ?Contact $contact
 * @property-read ?File $file
 */
final class Jot extends Record
{
    /** What it can be about, by the name of that. */
    public const ABOUT = [
        'task' => Task::class,
        'project' => Project::class,
        'goal' => Goal::class,
        'contact' => Contact::class,
        'file' => File::class,
    ];

    protected $table = 'jots';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /**
     * What lies in the person's own tray: not sorted, and on no shelf unless its return date has come.
     *
     * @param Builder<self> $query
     */
    protected function scopeInTrayOf(Builder $query, Person $person, Day $on): void
    {
        $query
            ->where('person_id', $person->id)
            ->ownTray()
            ->whereNull('sorted_on')
            ->where(static fn(Builder $either) => $either->whereNull('shelved_on')->orWhere('return_on', '<=', (string) $on));
    }

    /**
     * What lies in no tray but its writer's.
     *
     * @param Builder<self> $query
     */
    protected function scopeOwnTray(Builder $query): void
    {
        $query->whereNull('area_id')->whereNull('series_id');
    }

    /**
     * What lies in a tray that several sort.
     *
     * @param Builder<self> $query
     */
    protected function scopeInTray(Builder $query, Area|Series $of): void
    {
        $query->where($of instanceof Area ? 'area_id' : 'series_id', $of->id)->whereNull('sorted_on');
    }

    /**
     * What is to come back, or has, and is not sorted.
     *
     * @param Builder<self> $query
     */
    protected function scopeReturning(Builder $query): void
    {
        $query->whereNull('sorted_on')->whereNotNull('shelved_on')->whereNotNull('return_on');
    }

    /**
     * The same, of people who want to hear of it so.
     *
     * @param Builder<self> $query
     */
    protected function scopeReturningBy(Builder $query, Delivery $delivery): void
    {
        $query
            ->returning()
            ->whereIn(
                'person_id',
                NotificationChoice::query()->where('event', NotificationEvent::Returned)->where('delivery', $delivery)->select('person_id'),
            );
    }

    /** @return BelongsTo<Series, $this> */
    public function series(): BelongsTo
    {
        return $this->belongsTo(Series::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    /** @return BelongsTo<Contact, $this> */
    public function contact(): BelongsTo
    {
        return $this->belongsTo(Contact::class);
    }

    /** @return BelongsTo<File, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(File::class);
    }

    /** What it is about, if anything. */
    public function about(): ?Record
    {
        return $this->task ?? ($this->project ?? ($this->goal ?? ($this->contact ?? $this->file)));
    }

    /** What a title made of it leaves out: all of it, where it is longer or has several lines; null where nothing is lost. */
    public function notes(string $title): ?string
    {
        return (mb_strlen($this->words) > mb_strlen($title) && mb_strlen($this->words) > 200) || str_contains(trim($this->words), "\n")
            ? $this->words
            : null;
    }

    protected function casts(): array
    {
        return [
            'jotted_on' => AsDay::class,
            'sorted_on' => AsDay::class,
            'shelved_on' => AsDay::class,
            'return_on' => AsDay::class,
            'told_at' => 'datetime',
            'refused' => 'array',
            'chosen' => 'array',
        ];
    }
}
