<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Casts\AsDay;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Visibility;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Goals\MeasureKind;
use stdClass;

/** A goal that is only shown: read as a plain row, many at once. */
final readonly class ListedGoal
{
    private const COLUMNS = [
        ...['id', 'title', 'horizon', 'period', 'ends_on', 'is_firm', 'is_first', 'quarters', 'visibility', 'closed_on'],
        ...['owner_id', 'parent_id', 'measure', 'start_value', 'target_value', 'unit'],
    ];

    /** @param list<int> $quarters of a year goal: in which it is worked on */
    private function __construct(
        public int $id,
        public string $title,
        public Horizon $horizon,
        public string $period,
        public Day $ends_on,
        public bool $is_firm,
        public bool $is_first,
        public array $quarters,
        private Visibility $visibility,
        public ?Day $closed_on,
        public Person $owner,
        public ?int $parent_id,
        public MeasureKind $measure,
        public float|int|string|null $start_value,
        public float|int|string|null $target_value,
        public ?string $unit,
    ) {
    }

    /**
     * @param list<int> $goals ids
     *
     * @return array<int, self> by id, in the order of their periods
     */
    public static function all(array $goals): array
    {
        $people = app(Everybody::class)->all()->all();
        $rows = DB::table('goals')->whereIntegerInRaw('id', $goals)->orderBy('anchor_on')->orderBy('id')->get(self::COLUMNS);

        return $rows->keyBy('id')->map(static fn(stdClass $row): self => self::of($row, $people))->all();
    }

    /** Whether it is not for everyone. */
    public function isHidden(): bool
    {
        return $this->visibility !== Visibility::Everyone;
    }

    /** @param array<array-key, Person> $people by id */
    private static function of(stdClass $row, array $people): self
    {
        /** @var list<int> $quarters */
        $quarters = json_decode($row->quarters ?? '[]', flags: JSON_THROW_ON_ERROR);

        return new self(
            id: (int) $row->id,
            title: (string) $row->title,
            horizon: Horizon::from((string) $row->horizon),
            period: (string) $row->period,
            ends_on: Day::of((string) $row->ends_on),
            is_firm: (bool) $row->is_firm,
            is_first: (bool) $row->is_first,
            quarters: $quarters,
            visibility: Visibility::from((string) $row->visibility),
            closed_on: AsDay::read($row->closed_on),
            owner: $people[(int) $row->owner_id],
            parent_id: $row->parent_id === null ? null : (int) $row->parent_id,
            measure: MeasureKind::from((string) $row->measure),
            start_value: $row->start_value,
            target_value: $row->target_value,
            unit: $row->unit,
        );
    }
}
