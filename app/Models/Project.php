<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Template\Change;
use Loftrin\Core\Work\Template\Piece;
use Loftrin\Core\Work\Weighing;

/**
 * @property ?string $why Markdown, as the other parts of the charter
 * @property ?string $outcome the result, and how it is accepted
 * @property ?string $in_scope
 * @property ?string $out_of_scope
 * @property ?string $constraints
 * @property ?string $risks
 * @property ?string $decides who decides
 * @property ?string $status_line
 * @property ?Day $status_on
 * @property ?string $learned asked as it is closed
 * @property ?int $area_id
 * @property Weighing $weighing
 * @property StageOrder $order
 * @property bool $last_is_done whether its last stage holds what is done
 * @property ?Rank $rank
 * @property ?Focus $focus
 * @property ?string $notes
 * @property ProjectState $state
 * @property Day $state_on
 * @property ?Day $created_on
 * @property ?Day $starts_on
 * @property ?Day $due_on
 * @property ?Day $return_on
 * @property ?int $template_id that it was made from
 * @property ?list<array{
 *   id: int, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int, steps: list<string>, after?: list<int>,
 * }> $template_taken as it was when the project last took it
 * @property ?array<int, ?array{
 *   id: int, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int, steps: list<string>, after?: list<int>,
 * }> $template_left what was left of its changes, by task of the template, as that was then
 * @property ?array<string, int> $template_roles who does what
 * @property-read ?Area $area
 * @property-read ?Template $template
 * @property-read Collection<int, Stage> $stages
 * @property-read Collection<int, Contribution> $contributions
 * @property-read Collection<int, Contribution> $currentContributions without those that a closing has ended
 * @property-read Collection<int, Task> $tasks
 * @property-read Collection<int, Milestone> $milestones
 * @property-read Collection<int, PlanLine> $planLines
 * @property-read Collection<int, CollectionItem> $collectionItems
 * @property-read Collection<int, Entry> $entries
 */
final class Project extends TaskOrProject
{
    use HasViewers;

    /** The parts of its charter, in their order. */
    public const CHARTER = ['why', 'outcome', 'in_scope', 'out_of_scope', 'constraints', 'risks', 'decides'];
    protected $table = 'projects';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }

    /** @return HasMany<Stage, $this> */
    public function stages(): HasMany
    {
        return $this->hasMany(Stage::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Milestone, $this> */
    public function milestones(): HasMany
    {
        return $this->hasMany(Milestone::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<PlanLine, $this> */
    public function planLines(): HasMany
    {
        return $this->hasMany(PlanLine::class)->orderBy('id');
    }

    /** @return HasMany<Contribution, $this> */
    public function contributions(): HasMany
    {
        return $this->hasMany(Contribution::class)->orderBy('id');
    }

    /** @return HasMany<Contribution, $this> */
    public function currentContributions(): HasMany
    {
        return $this->contributions()->current();
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<CollectionItem, $this> */
    public function collectionItems(): HasMany
    {
        return $this->hasMany(CollectionItem::class)->orderBy('id');
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class)->orderBy('field_id');
    }

    /**
     * What its template says otherwise than the project took it, as far as it was not taken. What {@see Template::PIECES} names is loaded.
     *
     * @return list<Change>
     */
    public function templateChanges(Template $template): array
    {
        return Change::between(
            array_map(Piece::of(...), $this->template_taken ?? []),
            $template->pieces(),
            array_map(static fn(?array $kept): ?Piece => $kept === null ? null : Piece::of($kept), $this->template_left ?? []),
        );
    }

    protected function casts(): array
    {
        return [
            'visibility' => Visibility::class,
            'counts_unnamed' => 'boolean',
            'weighing' => Weighing::class,
            'order' => StageOrder::class,
            'last_is_done' => 'boolean',
            'rank' => Rank::class,
            'focus' => Focus::class,
            'state' => ProjectState::class,
            'created_on' => AsDay::class,
            'state_on' => AsDay::class,
            'status_on' => AsDay::class,
            'return_on' => AsDay::class,
            'starts_on' => AsDay::class,
            'due_on' => AsDay::class,
            'template_taken' => 'array',
            'template_left' => 'array',
            'template_roles' => 'array',
        ];
    }
}
