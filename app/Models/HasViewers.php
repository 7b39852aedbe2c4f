<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\People\Audience;

/**
 * A record that is seen by everyone, by chosen groups and people, or by its owner alone. What belongs to it is seen by the same people.
 *
 * @property Visibility $visibility
 * @property bool $counts_unnamed whether its owner lets it count in a figure that more people see
 * @property-read Collection<int, Viewer> $viewers
 */
trait HasViewers
{
    use MayBePrivate {
        letSee as private letSeeOwnOrOpen;
    }

    /** @return HasMany<Viewer, $this> */
    public function viewers(): HasMany
    {
        return $this->hasMany(Viewer::class)->orderBy('id');
    }

    /**
     * @param 'group_id'|'person_id' $column
     *
     * @return list<int> ids of the groups or people that are chosen to see it
     */
    public function admitted(string $column): array
    {
        return array_values(array_filter($this->viewers->pluck($column)->all(), is_int(...)));
    }

    /** Who may see it. Its viewers are loaded with their groups' memberships, unless it is for everyone. */
    public function audience(): Audience
    {
        if ($this->visibility === Visibility::Everyone) {
            return Audience::everyone();
        }

        $people = [$this->owner_id];

        foreach ($this->visibility === Visibility::Chosen ? $this->viewers : [] as $viewer) {
            foreach ($viewer->people() as $person) {
                $people[] = $person;
            }
        }

        return Audience::of($people);
    }

    /** Whether it counts in the figure of a goal above it: if all who see that see this, or its owner agreed. */
    public function countsUnder(Goal $above): bool
    {
        return $this->audience()->countsIn($above->audience(), $this->counts_unnamed);
    }

    /** Whether some may not see it. */
    public function isHidden(): bool
    {
        return $this->visibility !== Visibility::Everyone;
    }

    /** Its title where everyone reads along; null while it is not for everyone. */
    public function openTitle(): ?string
    {
        return $this->isHidden() ? null : $this->title;
    }

    public function isVisibleTo(Person $person): bool
    {
        return ! $this->isHidden() || $this->loadMissing('viewers.group.memberships')->audience()->admits($person->id);
    }

    /** How its tasks are stored: those of what not everyone sees are seen through it. */
    public function visibilityOfTasks(): Visibility
    {
        return $this->isHidden() ? Visibility::OnlyMe : Visibility::Everyone;
    }

    /**
     * Only what not everyone may see.
     *
     * @param Builder<self> $query
     */
    protected function scopeHidden(Builder $query): void
    {
        $query->whereNot($query->qualifyColumn('visibility'), Visibility::Everyone);
    }

    /**
     * @param Builder<self> $either
     *
     * @return Builder<self>
     */
    protected function letSee(Builder $either, Person $person): Builder
    {
        $key = $this->getForeignKey();
        $admitted = DB::table('viewers')
            ->whereNotNull($key)
            ->where(
                static fn(QueryBuilder $by) => $by
                    ->where('person_id', $person->id)
                    ->orWhereIn('group_id', DB::table('memberships')->where('person_id', $person->id)->select('group_id')),
            )
            ->select($key);

        return $this->letSeeOwnOrOpen($either, $person)->orWhere(
            static fn(Builder $chosen) => $chosen
                ->where($chosen->qualifyColumn('visibility'), Visibility::Chosen)
                ->whereIn($chosen->qualifyColumn('id'), $admitted),
        );
    }
}
