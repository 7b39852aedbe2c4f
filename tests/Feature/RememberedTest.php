<?php

declare(strict_types=1);

use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    config(['app.remembers' => true]);
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->goal = Made::goal($this->mei, '2027', ['is_main' => true]);
    $project = Made::project($this->mei, [$this->goal]);
    $this->tasks = [Made::task($this->mei, ['project_id' => $project->id]), Made::task($this->mei, ['project_id' => $project->id])];
    $this->actingAs($this->mei);
    $this->main = fn(): mixed => $this->props('/tray')['frame']['rail']['mainGoal']['gauge']['progress'] ?? null;
});

it('never shows what was true before a change', function (): void {
    expect(($this->main)())->toEqual(0);
    $this->put("/tasks/{$this->tasks[0]->id}/tick", ['done' => true])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    expect(($this->main)())->toEqual(50);
    $this->actingAs($this->elif)->put("/tasks/{$this->tasks[1]->id}/tick", ['done' => true]);
    expect($this->actingAs($this->mei)->props('/tray')['frame']['rail']['mainGoal']['gauge']['progress'])->toEqual(100);
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(($this->main)())->toEqual(50);
});

it('knows that a day has gone by', function (): void {
    $expected = fn(): mixed => $this->props('/tray')['frame']['rail']['mainGoal']['gauge']['expected'];
    $before = $expected();
    Made::later('2027-06-01');
    expect($expected())->toBeGreaterThan($before);
});

it('shows nobody what was remembered for another', function (): void {
    $hidden = Made::goal($this->mei, '2027-Q1', ['visibility' => Visibility::OnlyMe, 'title' => 'Secret']);
    expect(json_encode($this->props('/sheet')))->toContain('Secret')
        ->and(json_encode($this->actingAs($this->elif)->props('/sheet')))->not->toContain('Secret')
        ->and($hidden->id)->toBeInt();
});
