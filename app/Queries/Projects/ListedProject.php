<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Casts\AsDay;
use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Visibility;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use stdClass;

/** A project as a line of a list: what it is filtered, sorted, grouped and shown by, read once as a plain row. */
final readonly class ListedProject
{
    private const COLUMNS = [
        'id',
        'title',
        'owner_id',
        'state',
        'state_on',
        'due_on',
        'status_line',
        'status_on',
        'rank',
        'focus',
        'visibility',
    ];

    /**
     * @param ?string $area by name
     * @param ?Day $changedOn when one of its tasks was changed last
     * @param list<string> $collections by title, in order
     * @param array<int, string> $entries what stands in extra fields, by field
     */
    private function __construct(
        public int $id,
        public string $title,
        public Person $owner,
        public ProjectState $state,
        public Day $stateOn,
        public ?string $area,
        public ?Day $dueOn,
        public ?string $statusLine,
        public ?Day $statusOn,
        public ?Rank $rank,
        public ?Focus $focus,
        public ?Day $changedOn,
        public bool $isHidden,
        public array $collections,
        public array $entries,
    ) {
    }

    /**
     * @param Builder<Project> $projects those that are asked for
     *
     * @return array<int, self> by id, in the order in which they were made
     */
    public static function all(Builder $projects): array
    {
        $rows = $projects
            ->select(array_map(static fn(string $column): string => "projects.$column", self::COLUMNS))
            ->selectRaw('(select name from areas where areas.id = area_id) as area')
            ->addSelect([
                'changed' => Task::query()->selectRaw('max(changed_on)')->whereColumn('project_id', 'projects.id'),
            ])
            ->orderBy('projects.id')
            ->toBase()
            ->get()
            ->keyBy('id')
            ->all();
        $people = app(Everybody::class)->all()->all();
        [$collections, $entries] = self::beside(array_keys($rows));

        return array_map(
            static fn(stdClass $row): self => new self(
                id: (int) $row->id,
                title: (string) $row->title,
                owner: $people[(int) $row->owner_id],
                state: ProjectState::from((string) $row->state),
                stateOn: Day::of((string) $row->state_on),
                area: is_string($row->area) ? $row->area : null,
                dueOn: AsDay::read($row->due_on),
                statusLine: is_string($row->status_line) ? $row->status_line : null,
                statusOn: AsDay::read($row->status_on),
                rank: Rank::tryFrom((string) $row->rank),
                focus: Focus::tryFrom((string) $row->focus),
                changedOn: AsDay::read($row->changed),
                isHidden: $row->visibility !== Visibility::Everyone->value,
                collections: $collections[(int) $row->id] ?? [],
                entries: $entries[(int) $row->id] ?? [],
            ),
            $rows,
        );
    }

    /**
     * @param list<int> $ids
     *
     * @return array{array<int, list<string>>, array<int, array<int, string>>} collections and entries, by project
     */
    private static function beside(array $ids): array
    {
        $collections = $entries = [];
        $ofCollections = DB::table('collection_items')
            ->join('collections', 'collections.id', '=', 'collection_items.collection_id')
            ->whereIntegerInRaw('project_id', $ids)
            ->selectRaw('project_id, cast(null as integer) as field_id, collections.title as text');
        $rows = DB::table('entries')
            ->whereIntegerInRaw('project_id', $ids)
            ->selectRaw('project_id, field_id, value as text')
            ->unionAll($ofCollections)
            ->orderBy('field_id')
            ->orderBy('text')
            ->get();

        foreach ($rows as $row) {
            if ($row->field_id === null) {
                $collections[(int) $row->project_id][] = (string) $row->text;
            } else {
                $entries[(int) $row->project_id][(int) $row->field_id] = (string) $row->text;
            }
        }

        return [$collections, $entries];
    }
}
