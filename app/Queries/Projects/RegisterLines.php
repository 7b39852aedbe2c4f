<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\CollectionItem;
use App\Models\Entry;
use App\Models\Field;
use App\Models\FieldKind;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Queries\Goals\Threads;
use App\Queries\Projects\Answers\RegisterFilter;
use App\Store\Remembered;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use stdClass;

/** The lines of a register in their order: only those of one page are then fetched whole. */
final readonly class RegisterLines
{
    public function __construct(
        private FoundProjects $found,
        private WorkCounts $counts,
        private Everybody $everybody,
        private Remembered $remembered,
    ) {
    }

    /**
     * Kept for its other pages until anything is changed, unless something was typed, which is seldom asked for again.
     *
     * @param CountedWork $active that of all active projects
     * @param Threads $threads as the viewer sees them
     *
     * @return list<array{int, string}> each project with its heading, in their order; one in two collections stands under both
     */
    public function of(RegisterFilter $filter, CountedWork $active, Threads $threads, Person $viewer): array
    {
        $find = fn(): array => $this->find($filter, $active, $threads, $viewer);
        $asked = json_encode([...get_object_vars($filter), 'page' => null], JSON_THROW_ON_ERROR);

        return $filter->isTyped() ? $find() : $this->remembered->of("register for $viewer->id, $asked", $find);
    }

    /** @return list<array{int, string}> */
    private function find(RegisterFilter $filter, CountedWork $active, Threads $threads, Person $viewer): array
    {
        $lines = array_values(
            array_filter(
                $this->all($filter, $threads, $viewer),
                static fn(RegisterLine $line): bool => self::isNeeded($line, $active, $filter->need),
            ),
        );
        $work =
            $filter->sort === 'progress' ? $this->counts->of(array_map(static fn(RegisterLine $line): int => $line->id, $lines)) : $active;
        $order = new RegisterOrder($work, $filter->sort);
        $places = $found = [];

        foreach ($lines as $line) {
            foreach ($line->headings($filter->group) as $heading) {
                $places[] = [...$line->headingPlace($filter->group, $heading), ...$order->place($line)];
                $found[] = [$line->id, $heading];
            }
        }

        asort($places);

        return array_map(static fn(int $place): array => $found[$place], array_keys($places));
    }

    /** @return list<RegisterLine> */
    private function all(RegisterFilter $filter, Threads $threads, Person $viewer): array
    {
        $people = $this->everybody->all();
        $text = static fn(mixed $value): ?string => is_string($value) ? $value : null;
        $rows = $this->found
            ->by($filter, $viewer)
            ->select(['id', 'title', 'state', 'owner_id', 'due_on', 'rank', 'focus'])
            ->selectRaw('(select name from areas where areas.id = area_id) as area')
            ->when(
                $filter->sort === 'changed',
                static fn($query) => $query->addSelect([
                    'changed' => Task::query()->selectRaw('max(changed_on)')->whereColumn('project_id', 'projects.id'),
                ]),
            )
            ->toBase()
            ->get();
        $collections = $filter->group === 'collection' ? self::collections() : [];
        [$groupField, $sortField] = [RegisterFilter::fieldIn($filter->group), RegisterFilter::fieldIn($filter->sort)];
        $grouped = self::entries($groupField);
        $sorted = self::entries($sortField);
        $isNumber = $sortField !== null && Field::query()->whereKey($sortField)->value('kind') === FieldKind::Number;

        return array_values(
            $rows
                ->map(
                    static fn(stdClass $row): RegisterLine => new RegisterLine(
                        id: (int) $row->id,
                        title: (string) $row->title,
                        state: ProjectState::from((string) $row->state),
                        owner: $people->get((int) $row->owner_id)->name ?? '',
                        area: $text($row->area),
                        due: $text($row->due_on),
                        rank: Rank::tryFrom((string) $row->rank),
                        focus: Focus::tryFrom((string) $row->focus),
                        changed: $text($row->changed ?? null),
                        collections: $collections[(int) $row->id] ?? [],
                        cord: $threads->ofProject((int) $row->id),
                        grouped: $grouped[(int) $row->id] ?? null,
                        sorted: self::comparable($sorted[(int) $row->id] ?? null, $isNumber),
                    ),
                )
                ->all(),
        );
    }

    /** @return array<int, list<string>> titles by project */
    private static function collections(): array
    {
        $found = [];

        foreach (
            CollectionItem::query()
                ->toBase()
                ->join('collections', 'collections.id', '=', 'collection_id')
                ->orderBy('collections.title')
                ->get(['project_id', 'title']) as $row
        ) {
            $found[(int) $row->project_id][] = (string) $row->title;
        }

        return $found;
    }

    /** @return array<int, string> what stands in an extra field, by project */
    private static function entries(?int $field): array
    {
        return $field === null
            ? []
            : Entry::query()
                ->where('field_id', $field)
                ->get(['project_id', 'value'])
                ->mapWithKeys(static fn(Entry $entry): array => [$entry->project_id => $entry->value])
                ->all();
    }

    /** Numbers by their size, words without regard to case; dates are written so that they sort. */
    private static function comparable(?string $entry, bool $isNumber): string|float|null
    {
        return match (true) {
            $entry === null => null,
            $isNumber => (float) str_replace(',', '.', $entry),
            default => mb_strtolower($entry),
        };
    }

    private static function isNeeded(RegisterLine $line, CountedWork $active, ?string $need): bool
    {
        return match ($need) {
            'stuck' => $active->has($line->id) && $active->isStuck($line->id),
            'ready' => $active->has($line->id) && $active->isReady($line->id),
            'behind' => $active->has($line->id) && $active->figure($line->id)?->band->isBehind() === true,
            default => true,
        };
    }
}
