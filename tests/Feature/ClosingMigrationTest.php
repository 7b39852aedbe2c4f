<?php

declare(strict_types=1);

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Task;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Older;

/** A workspace as it was before closings had dates: one goal carried over on 31 March, with a project and a task that went on. */
beforeEach(function (): void {
    Older::upTo('2026_12_01_000001');
    $this->old = DB::connection('older');
    $this->time = ['created_at' => '2027-01-04 08:00:00', 'updated_at' => '2027-01-04 08:00:00'];
    $person = Older::somebody($this->old, $this->time);
    $goal = fn(string $title, string $quarter, array $more): int => $this->old->table('goals')->insertGetId([
        'title' => $title,
        'horizon' => 'quarter',
        'period' => "2027-$quarter",
        'starts_on' => '2027-01-01',
        'ends_on' => '2027-03-31',
        'anchor_on' => '2027-01-01',
        'owner_id' => $person,
        'measure' => 'work',
        'created_on' => '2027-01-04',
        ...$this->time,
        ...$more,
    ]);
    $this->closed = $goal('Nine harbours', 'Q1', [
        'closed_on' => '2027-03-31',
        'result' => 'partly_met',
        'rest' => 'carried',
        'computed_from' => json_encode([['kind' => 'goal', 'left_out' => 'dropped'], ['kind' => 'project', 'left_out' => 'dropped']]),
    ]);
    $this->next = $goal('Nine harbours', 'Q2', ['predecessor_id' => $this->closed, 'created_on' => '2027-03-31']);
    $this->project = $this->old->table('projects')->insertGetId([
        'title' => 'Moorings',
        'owner_id' => $person,
        'state' => 'active',
        'state_on' => '2027-01-04',
        'created_on' => '2027-01-04',
        ...$this->time,
    ]);
    $this->task = $this->old->table('tasks')->insertGetId([
        'title' => 'Order shackles',
        'owner_id' => $person,
        'goal_id' => $this->next,
        'created_on' => '2027-01-04',
        'changed_on' => '2027-03-31',
        ...$this->time,
    ]);

    foreach ([$this->closed, $this->next] as $goal) {
        $this->old->table('contributions')->insert(['project_id' => $this->project, 'goal_id' => $goal, 'weight' => 1, ...$this->time]);
    }

    $this->change = $this->old->table('changes')->insertGetId([
        'batch' => 'closing',
        'person_id' => $person,
        'words' => 'Closed “Nine harbours”',
        'made_at' => '2027-03-31 16:00:00',
    ]);
    $log = fn(string $subject, int $id, string $event, array $properties) => $this->old->table('activity_log')->insert([
        'log_name' => "closing of goal $this->closed",
        'description' => 'Closed “Nine harbours”',
        'subject_type' => $subject,
        'subject_id' => $id,
        'event' => $event,
        'properties' => json_encode($properties),
        'batch_uuid' => 'closing',
        ...$this->time,
    ]);
    $log(Contribution::class, 2, 'created', ['now' => ['project_id' => $this->project, 'goal_id' => $this->next], 'before' => []]);
    $log(Task::class, $this->task, 'updated', ['now' => ['goal_id' => $this->next], 'before' => ['goal_id' => $this->closed]]);
    $log(Goal::class, $this->closed, 'updated', [
        'now' => ['result' => 'partly_met', 'words' => 'partly met'],
        'before' => ['result' => null],
    ]);
    $this->migrate = fn() => Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $this->dates = fn(): array => $this->old
        ->table('contributions')
        ->orderBy('id')
        ->get()
        ->map(static fn(stdClass $link): array => [$link->from_on, $link->until_on])
        ->all();
});

it('dates what earlier closings moved, from the log of changes', function (): void {
    ($this->migrate)();
    $stay = $this->old->table('stays')->sole();

    expect(($this->dates)())
        ->toBe([[null, '2027-03-31'], ['2027-03-31', null]])
        ->and([$stay->task_id, $stay->goal_id, $stay->since_on, $stay->until_on])
        ->toBe([$this->task, $this->closed, null, '2027-03-31'])
        ->and($this->old->table('tasks')->find($this->task)->goal_since)
        ->toBe('2027-03-31');
});

it('leaves what was taken back, and what the log does not tell, as it is', function (bool $isTakenBack): void {
    if ($isTakenBack) {
        $this->old->table('changes')->where('id', $this->change)->update(['taken_back_by_id' => $this->change]);
    } else {
        $this->old->table('activity_log')->delete();
    }

    ($this->migrate)();
    expect(($this->dates)())
        ->toBe([[null, null], [null, null]])
        ->and($this->old->table('stays')->count())
        ->toBe(0)
        ->and($this->old->table('tasks')->find($this->task)->goal_since)
        ->toBeNull();
})->with(['taken back' => true, 'not told' => false]);

it('gives results their names, in goals and in the log, and keeps the database’s own checks', function (): void {
    ($this->migrate)();
    $goal = $this->old->table('goals')->find($this->closed);

    expect([$goal->result, $goal->closed_on])
        ->toBe(['in_part', '2027-03-31'])
        ->and(array_column(json_decode($goal->computed_from, true), 'left_out'))
        ->toBe(['stopped', 'dropped'])
        ->and($this->old->table('activity_log')->where('subject_type', Goal::class)->value('properties'))
        ->toContain('"result":"in_part"')
        ->not->toContain('partly')
        ->and(fn() => $this->old->table('goals')->where('id', $this->closed)->update(['result' => 'partly_met']))
        ->toThrow(QueryException::class, 'CHECK')
        ->and(fn() => $this->old->table('goals')->where('id', $this->closed)->update(['closed_on' => '2026-12-31']))
        ->toThrow(QueryException::class, 'CHECK');
});
