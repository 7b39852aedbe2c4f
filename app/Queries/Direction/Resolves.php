<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Person;
use App\Models\Resolve;
use App\Models\ResolveKind;
use App\Models\Task;
use App\Queries\Direction\Answers\ResolveRow;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Ledger;

/** What was resolved for a stretch, and what of it holds in a week. */
final readonly class Resolves
{
    /** @return list<ResolveRow> in the order of their kinds */
    public function of(PlanningSpan $stretch): array
    {
        return self::rows(Resolve::query()->where('stretch', $stretch->name)->with('owner')->orderBy('id')->get(), []);
    }

    /**
     * What holds in the week, with the share of the person's work that went into each driver.
     *
     * @return list<ResolveRow>
     */
    public function inWeek(Span $week, Person $whose): array
    {
        $resolves = Resolve::query()
            ->where('starts_on', '<=', (string) $week->last)
            ->where('ends_on', '>=', (string) $week->first)
            ->where(static fn($either) => $either->whereNull('ended_on')->orWhere('ended_on', '>=', (string) $week->first))
            ->with('owner')
            ->orderBy('id')
            ->get();

        return self::rows($resolves, $resolves->contains('kind', ResolveKind::Driver) ? $this->shares($week, $whose) : []);
    }

    /** @return array<int, int> per cent of the minutes done in the week, by driver; 0 under a driver that got none */
    private function shares(Span $week, Person $whose): array
    {
        $minutes = Task::query()
            ->where('owner_id', $whose->id)
            ->where('visibility', 'everyone')
            ->whereBetween('done_on', [(string) $week->first, (string) $week->last])
            ->toBase()
            ->groupBy('driver_id')
            ->selectRaw('driver_id, sum(coalesce(minutes, ?)) as minutes', [Ledger::USUAL_MINUTES])
            ->pluck('minutes', 'driver_id')
            ->map(static fn(mixed $sum): int => is_numeric($sum) ? (int) $sum : 0);
        $all = array_sum($minutes->all());

        return $all === 0 ? [] : [0 => 0] + $minutes->map(static fn(int $sum): int => (int) round((100 * $sum) / $all))->all();
    }

    /**
     * @param iterable<Resolve> $resolves
     * @param array<int, int> $shares
     *
     * @return list<ResolveRow>
     */
    private static function rows(iterable $resolves, array $shares): array
    {
        $rows = [];

        foreach (ResolveKind::cases() as $kind) {
            foreach ($resolves as $resolve) {
                if ($resolve->kind === $kind) {
                    $rows[] = ResolveRow::of($resolve, $kind === ResolveKind::Driver && $shares !== [] ? $shares[$resolve->id] ?? 0 : null);
                }
            }
        }

        return $rows;
    }
}
