<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/**
 * A look back on anything, alone or with others, each writing before all see. Its participants' alone.
 *
 * @property int $person_id who holds it
 * @property string $title
 * @property Day $on
 * @property ?int $project_id that it is about
 * @property ?Day $first of the stretch that it is about
 * @property ?Day $last
 * @property ?Carbon $shown_at since when everybody sees what all wrote
 * @property ?Carbon $finished_at
 * @property-read Person $person
 * @property-read ?Project $project
 * @property-read Collection<int, Participant> $participants
 * @property-read Collection<int, RetrospectiveQuestion> $questions
 * @property-read Collection<int, AgreedChange> $changes
 */
final class Retrospective extends Record
{
    protected $table = 'retrospectives';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Participant, $this> */
    public function participants(): HasMany
    {
        return $this->hasMany(Participant::class)->orderBy('id');
    }

    /** @return HasMany<RetrospectiveQuestion, $this> */
    public function questions(): HasMany
    {
        return $this->hasMany(RetrospectiveQuestion::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<AgreedChange, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(AgreedChange::class)->orderBy('id');
    }

    /**
     * Those a person takes part in: no other is there for them.
     *
     * @param Builder<self> $query
     */
    protected function scopeAttendedBy(Builder $query, Person $person): void
    {
        $query->whereRelation('participants', 'person_id', $person->id);
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
            'first' => AsDay::class,
            'last' => AsDay::class,
            'shown_at' => 'datetime',
            'finished_at' => 'datetime',
        ];
    }
}
