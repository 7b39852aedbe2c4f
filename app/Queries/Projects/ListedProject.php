<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Casts\AsDay;
use App\Models\CollectionItem;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Visibility;
use App\Queries\Projects\Answers\MilestoneRow;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;
use stdClass;

/** A project that is only shown: read as a plain row, many at once, with what stands beside it where that is asked for. */
final readonly class ListedProject
{
    private const COLUMNS = ['id', 'title', 'owner_id', 'state', 'state_on', 'due_on', 'status_line', 'status_on', 'visibility'];

    /**
     * @param ?MilestoneRow $milestone the next one to reach
     * @param ?Day $changedOn when one of its tasks was changed last
     * @param list<string> $collections
     * @param list<string> $entries in fields of one's own: "Customer: Ostend"
     */
    private function __construct(
        public int $id,
        public string $title,
        public Person $owner,
        public ProjectState $state,
        public Day $stateOn,
        public ?Day $dueOn,
        public ?string $statusLine,
        public ?Day $statusOn,
        public bool $isHidden,
        public ?MilestoneRow $milestone = null,
        public ?Day $changedOn = null,
        public array $collections = [],
        public array $entries = [],
    ) {
    }

    /** One that is a record already. Its milestones, collections and entries are loaded. */
    public static function of(Project $project, Day $today): self
    {
        $next = $project->milestones->firstWhere('reached_on', null);
        $collections = $project->collectionItems->map(static fn(CollectionItem $item): string => $item->collection->title);
        $entries = $project->entries->map(static fn(Entry $entry): string => "{$entry->field->name}: $entry->value");

        return new self(
            id: $project->id,
            title: $project->title,
            owner: $project->owner,
            state: $project->state,
            stateOn: $project->state_on,
            dueOn: $project->due_on,
            statusLine: $project->status_line,
            statusOn: $project->status_on,
            isHidden: $project->isHidden(),
            milestone: $next === null ? null : MilestoneRow::of($next, $today),
            collections: array_values($collections->all()),
            entries: array_values($entries->all()),
        );
    }

    /**
     * Only what each says of itself.
     *
     * @param list<int> $projects ids
     *
     * @return array<int, self> by id, in the order in which they were made
     */
    public static function all(array $projects): array
    {
        return self::read($projects, static fn(): array => []);
    }

    /**
     * With what stands beside each.
     *
     * @param list<int> $projects ids
     *
     * @return array<int, self> by id, in the order in which they were made
     */
    public static function whole(array $projects, Day $today): array
    {
        $of = static fn(string $table): Builder => DB::table($table)->whereIntegerInRaw("$table.project_id", $projects);
        $changed = $of('tasks')->groupBy('project_id')->selectRaw('project_id, max(changed_on) as day')->pluck('day', 'project_id');
        $milestones = $of('milestones')->whereNull('reached_on')->orderByDesc('on')->orderByDesc('id')->get()->keyBy('project_id')->all();
        $collections = self::texts(
            $of('collection_items')
                ->join('collections', 'collections.id', '=', 'collection_items.collection_id')
                ->orderBy('collection_items.id')
                ->select(['project_id', 'collections.title as text']),
        );
        $entries = self::texts(
            $of('entries')
                ->join('fields', 'fields.id', '=', 'entries.field_id')
                ->orderBy('field_id')
                ->selectRaw("project_id, fields.name || ': ' || entries.value as text"),
        );

        return self::read(
            $projects,
            static fn(int $id): array => [
                'milestone' => isset($milestones[$id]) ? MilestoneRow::ofRow($milestones[$id], $today) : null,
                'changedOn' => AsDay::read($changed[$id] ?? null),
                'collections' => $collections[$id] ?? [],
                'entries' => $entries[$id] ?? [],
            ],
        );
    }

    /** @return array<int, list<string>> by project */
    private static function texts(Builder $asked): array
    {
        $texts = [];

        foreach ($asked->get() as $row) {
            $texts[(int) $row->project_id][] = (string) $row->text;
        }

        return $texts;
    }

    /**
     * @param list<int> $projects ids
     * @param callable(int): array{milestone?: ?MilestoneRow, changedOn?: ?Day, collections?: list<string>, entries?: list<string>} $beside
     *
     * @return array<int, self> by id, in the order in which they were made
     */
    private static function read(array $projects, callable $beside): array
    {
        $people = app(Everybody::class)->all()->all();
        $rows = DB::table('projects')->whereIntegerInRaw('id', $projects)->orderBy('id')->get(self::COLUMNS)->keyBy('id');

        return $rows
            ->map(
                static fn(stdClass $row): self => new self(...[
                    'id' => (int) $row->id,
                    'title' => (string) $row->title,
                    'owner' => $people[(int) $row->owner_id],
                    'state' => ProjectState::from((string) $row->state),
                    'stateOn' => Day::of((string) $row->state_on),
                    'dueOn' => AsDay::read($row->due_on),
                    'statusLine' => is_string($row->status_line) ? $row->status_line : null,
                    'statusOn' => AsDay::read($row->status_on),
                    'isHidden' => $row->visibility !== Visibility::Everyone->value,
                    ...$beside((int) $row->id),
                ]),
            )
            ->all();
    }
}
