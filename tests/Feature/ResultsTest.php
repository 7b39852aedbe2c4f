<?php

declare(strict_types=1);

use App\Models\Report;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($this->lead);
    $this->year = Made::goal($this->lead, '2027', ['title' => 'The year']);
    // Half done by the end of its quarter, all of it two days later, when it is closed.
    $this->goal = Made::goal($this->lead, '2027-Q1', ['title' => 'Contracts', 'parent_id' => $this->year->id]);
    Made::task($this->lead, ['goal_id' => $this->goal->id, 'created_on' => '2027-01-05', 'done_on' => '2027-03-01']);
    Made::task($this->lead, ['goal_id' => $this->goal->id, 'created_on' => '2027-01-05', 'done_on' => '2027-04-02']);
    Made::later('2027-04-02');
    $this->close = fn(array $said) => $this->post("/goals/{$this->goal->id}/close", $said)->assertSessionHasNoErrors();
});

it('shows the result of a goal in the review of its quarter and of its year, with the figure of the last day', function (
    array $said,
    string $result,
): void {
    ($this->close)($said);

    foreach (['2027-Q1', '2027'] as $period) {
        $promised = collect($this->props("/reviews/$period")['page']['facts']['goals'])->firstWhere('goal.id', $this->goal->id);
        expect($promised['result'])->toBe($result)->and($promised['goal']['gauge']['band'])->toBe($result);
    }

    $quarter = collect($this->props('/reviews/2027-Q1')['page']['facts']['goals'])->firstWhere('goal.id', $this->goal->id);
    expect($quarter['goal']['gauge']['progress'])->toEqual(50);
})->with([[['result' => 'in_part'], 'in_part'], [['result' => 'stopped', 'line' => 'No time'], 'stopped']]);

it('shows it in the drawing of the year, as of the end of the period too, and leaves it open on an earlier day', function (): void {
    ($this->close)(['result' => 'stopped', 'line' => 'No time']);
    $bandOn = function (string $on): string {
        $floors = $this->props("/year/2027?on=$on")['page']['floors'];
        $of = static fn(array $floor): array => array_merge(...array_column($floor['columns'], 'goals'));
        $goals = array_merge(...array_map($of, $floors));

        return collect($goals)->firstWhere('id', $this->goal->id)['gauge']['band'];
    };

    expect([$bandOn('2027-04-02'), $bandOn('2027-03-31'), $bandOn('2027-03-02')])->toBe(['stopped', 'stopped', 'behind']);
});

it('says it in every report of the span, on screen and as Markdown', function (string $span): void {
    ($this->close)(['result' => 'stopped', 'line' => 'No time']);
    [$first, $last] = explode(' ', $span);
    $this->post('/reports', ['audience' => 'board', 'from' => $first, 'until' => $last])->assertSessionHasNoErrors();
    $report = Report::query()->sole();
    $markdown = $this->get("/reports/$report->id/markdown")->assertOk()->getContent();

    expect($markdown)
        ->toContain('Contracts')
        ->toContain('stopped')
        ->and($this->props("/reports/$report->id")['page']['html'])
        ->toContain('stopped');
})->with(['2027-01-01 2027-03-31', '2027-02-01 2027-02-28', '2027-01-01 2027-04-02']);
