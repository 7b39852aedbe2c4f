<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Meetings\AgendaKind;

/**
 * @property ?int $owner_id who set it up, where that is known
 * @property string $title
 * @property ?string $purpose
 * @property int $opening_minutes of the opening round; 0 for none
 * @property int $closing_minutes
 * @property int $rotates_every meetings between two changes of chair and minute-taker
 * @property ?string $parts of its agenda, in its own order; null for the usual one
 * @property ?int $project_id to which it belongs
 * @property ?int $area_id
 * @property bool $is_private
 * @property-read Collection<int, Attendee> $attendees
 * @property-read Collection<int, Guest> $guests
 * @property-read Collection<int, StandingItem> $standingItems
 * @property-read Collection<int, Meeting> $meetings
 * @property-read Collection<int, AttendingGroup> $attendingGroups
 * @property-read ?Project $project
 * @property-read ?Area $area
 * @property-read Collection<int, Issue> $issues
 * @property-read Collection<int, Issue> $openIssues
 * @property-read int $open_issues_count   where its counts are loaded
 * @property-read int $held_meetings_count where its counts are loaded
 */
final class Series extends Record
{
    use BelongsToProject;
    use HasTimetable;

    protected $table = 'series';

    /** What is counted of a series wherever it stands as a line. */
    public const COUNTS = ['openIssues', 'heldMeetings'];

    /** @return HasMany<Attendee, $this> */
    public function attendees(): HasMany
    {
        return $this->hasMany(Attendee::class)->orderBy('position');
    }

    /** @return HasMany<Guest, $this> */
    public function guests(): HasMany
    {
        return $this->hasMany(Guest::class)->orderBy('id');
    }

    /** @return HasMany<StandingItem, $this> */
    public function standingItems(): HasMany
    {
        return $this->hasMany(StandingItem::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<AttendingGroup, $this> */
    public function attendingGroups(): HasMany
    {
        return $this->hasMany(AttendingGroup::class)->orderBy('id');
    }

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }

    /** @return list<AgendaKind> the parts of its agenda, in order */
    public function order(): array
    {
        return AgendaKind::ordered($this->parts);
    }

    /** @return HasMany<Meeting, $this> */
    public function meetings(): HasMany
    {
        return $this->hasMany(Meeting::class)->orderBy('on');
    }

    /** @return HasMany<Meeting, $this> */
    public function heldMeetings(): HasMany
    {
        return $this->hasMany(Meeting::class)->whereNotNull('closed_at')->orderByDesc('on');
    }

    /** @return HasMany<Issue, $this> */
    public function issues(): HasMany
    {
        return $this->hasMany(Issue::class)->orderBy('id');
    }

    /** @return HasMany<Issue, $this> */
    public function openIssues(): HasMany
    {
        return $this->hasMany(Issue::class)->whereNull('outcome')->orderBy('id');
    }

    /** A private one is its attendees' alone. */
    public function isVisibleTo(Person $person): bool
    {
        return ! $this->is_private || $this->isAttendedBy($person);
    }

    public function isAttendedBy(Person $person): bool
    {
        return $this->attendees()->where('person_id', $person->id)->exists();
    }

    protected function casts(): array
    {
        return [
            'starts_on' => AsDay::class,
            'is_private' => 'boolean',
        ];
    }

    /**
     * Only the series that the person may know of: isVisibleTo(), of all at once.
     *
     * @param Builder<self> $query
     */
    protected function scopeVisibleTo(Builder $query, Person $person): void
    {
        $query->where(
            static fn(Builder $either) => $either
                ->where('is_private', false)
                ->orWhereHas('attendees', static fn(Builder $attendees) => $attendees->where('person_id', $person->id)),
        );
    }
}
