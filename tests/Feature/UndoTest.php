<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Comment;
use App\Models\Decision;
use App\Models\Dependency;
use App\Models\Goal;
use App\Models\Meeting;
use App\Models\Project;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Stage;
use App\Models\Task;
use Illuminate\Support\Carbon;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Kaya');
    $this->actingAs($this->lead);
});

/** What a goal's form sends. */
function goalFields(Goal $goal, ?int $parent): array
{
    return ['title' => $goal->title, 'period' => $goal->period, 'measure' => 'work', 'parent' => $parent];
}

it('does not make two goals each other’s ancestor', function (): void {
    [$one, $two] = [Made::goal($this->lead), Made::goal($this->lead)];
    $one->update(['parent_id' => $two->id]);
    $this->put("/goals/$one->id", goalFields($one, null))->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $this->actingAs($this->other)
        ->put("/goals/$two->id", goalFields($two, $one->id))
        ->assertSessionHasNoErrors();

    $this->actingAs($this->lead)
        ->post("/undo/$batch")
        ->assertSessionHasErrors('undo');
    expect($one->refresh()->parent_id)->toBeNull();
    $this->get('/year')->assertOk();
});

it('shows every screen even where goals are stored as each other’s ancestors', function (): void {
    [$one, $two, $three] = [Made::goal($this->lead), Made::goal($this->lead), Made::goal($this->lead, '2027-Q1')];
    DB::table('goals')
        ->where('id', $one->id)
        ->update(['parent_id' => $two->id]);
    DB::table('goals')
        ->where('id', $two->id)
        ->update(['parent_id' => $one->id]);
    DB::table('goals')
        ->where('id', $three->id)
        ->update(['parent_id' => $three->id]);

    foreach (
        [
            '/',
            '/week',
            '/year',
            "/goals/$one->id",
            "/goals/$three->id",
            "/goals/$one->id/edit",
            '/closing/2027',
            '/direction',
            '/planning/2027-Q1/goals',
        ] as $address
    ) {
        $this->followingRedirects()->get($address)->assertOk();
    }
});

it('does not make tasks wait for each other in a loop', function (): void {
    $project = Made::project($this->lead);
    [$a, $b] = [Made::task($this->lead, ['project_id' => $project->id]), Made::task($this->lead, ['project_id' => $project->id])];
    Dependency::query()->create(['task_id' => $a->id, 'after_id' => $b->id]);
    $this->put("/tasks/$a->id/after", ['after' => []])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $this->actingAs($this->other)
        ->put("/tasks/$b->id/after", ['after' => [$a->id]])
        ->assertSessionHasNoErrors();

    $this->actingAs($this->lead)
        ->post("/undo/$batch")
        ->assertSessionHasErrors('undo');
    expect(Dependency::query()->count())->toBe(1);
});

it('does not hide a goal from those who have tasks for it', function (): void {
    $this->post('/goals', [
        'title' => 'Quiet',
        'period' => '2027-Q1',
        'measure' => 'work',
        'visibility' => 'only_me',
    ])->assertSessionHasNoErrors();
    $goal = Goal::query()->firstOrFail();
    $this->put("/goals/$goal->id", [...goalFields($goal, null), 'visibility' => 'everyone'])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $this->actingAs($this->other)
        ->post('/tasks', ['title' => 'Mine', 'goal' => $goal->id])
        ->assertSessionHasNoErrors();

    $this->actingAs($this->lead)
        ->post("/undo/$batch")
        ->assertSessionHasErrors('undo');
    expect($goal->refresh()->visibility->value)->toBe('everyone');
});

it('says who has built on what was made, and leaves it there', function (): void {
    $this->post('/projects', ['title' => 'Float test']);
    $batch = session('change')['batch'];
    $project = Project::query()->firstOrFail();
    $this->actingAs($this->other)->post('/tasks', ['title' => 'Order shackles', 'project' => $project->id]);
    $this->post("/projects/$project->id/comments", ['words' => 'It floats']);

    $this->actingAs($this->lead)
        ->post("/undo/$batch")
        ->assertSessionHasErrors(['undo' => '“Float test” is used by: 1 comment and 1 task, by Elif Kaya. Nothing was undone.']);
    expect([Project::query()->count(), Task::query()->count(), Comment::query()->count()])->toBe([1, 1, 1]);
});

it('leaves a stage in which others have put tasks', function (): void {
    $project = Made::project($this->lead);
    $task = Made::task($this->lead, ['project_id' => $project->id]);
    $this->put("/projects/$project->id", ['title' => 'Moorings', 'stages' => [['name' => 'At sea']]])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $stage = Stage::query()->firstOrFail();
    $this->actingAs($this->other)
        ->put("/tasks/$task->id/place", ['stage' => $stage->id])
        ->assertSessionHasNoErrors();

    $this->actingAs($this->lead)
        ->post("/undo/$batch")
        ->assertSessionHasErrors('undo');
    expect($task->refresh()->stage_id)->toBe($stage->id);
});

it('leaves minutes that are final as they are', function (): void {
    $series = Made::series([$this->lead, $this->other]);
    $this->post("/series/$series->id/open", ['on' => '2027-02-08']);
    $meeting = Meeting::query()->firstOrFail();
    $item = $meeting->items()->firstOrFail();
    $this->post("/agenda-items/$item->id/decisions", ['words' => 'We buy chain'])->assertSessionHasNoErrors();
    $decided = session('change')['batch'];
    $this->post("/agenda-items/$item->id/next-steps", ['title' => 'Order chain', 'owner' => $this->lead->id])->assertSessionHasNoErrors();
    $step = session('change')['batch'];
    $this->post("/meetings/$meeting->id/close")->assertSessionHasNoErrors();
    $closed = session('change')['batch'];

    foreach ([$decided, $step, $closed] as $batch) {
        $this->post("/undo/$batch")->assertSessionHasErrors('undo');
    }

    expect([Decision::query()->count(), Task::query()->count(), $meeting->refresh()->closed_at])
        ->not->toContain(null)
        ->not->toContain(0);
});

it('leaves a finished review and the readings of a closed goal as they are', function (): void {
    $this->put('/reviews/2027-W05/answers', ['question' => 'moved', 'words' => 'The buoy'])->assertSessionHasNoErrors();
    $answered = DB::table('changes')->value('batch');
    $this->post('/reviews/2027-W05/hold')->assertSessionHasNoErrors();
    $held = session('change')['batch'];
    $this->post("/undo/$answered")->assertSessionHasErrors('undo');
    $this->post("/undo/$held")->assertSessionHasErrors('undo');

    $goal = Made::goal($this->lead, '2027', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
    $this->post("/goals/$goal->id/readings", ['on' => Made::TODAY, 'value' => '4'])->assertSessionHasNoErrors();
    $read = session('change')['batch'];
    $this->post("/goals/$goal->id/close", ['result' => 'in_part'])->assertSessionHasNoErrors();
    $this->post("/undo/$read")->assertSessionHasErrors('undo');

    expect([Answer::query()->count(), Reading::query()->count()])->toBe([1, 1]);
});

it('asks today’s rights', function (): void {
    $member = Made::person();
    $project = Made::project($member);
    $this->actingAs($member)
        ->put("/projects/$project->id/status", ['line' => 'All is well'])
        ->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $project->update(['owner_id' => $this->lead->id]);

    $this->post("/undo/$batch")->assertSessionHasErrors('undo');
    expect($project->refresh()->status_line)->toBe('All is well');

    [$main, $next] = [Made::goal($member, '2027-Q1', ['is_main' => true]), Made::goal($member, '2027-Q1')];
    $this->actingAs($this->lead)
        ->put("/goals/$next->id/mark", ['isMain' => true, 'isFirst' => false])
        ->assertSessionHasNoErrors();
    $marked = session('change')['batch'];
    $this->lead->update(['role' => Role::Member]);
    $this->post("/undo/$marked")->assertSessionHasErrors('undo');
    expect($main->refresh()->is_main)->toBeFalse();
});

it('lets a member take back a goal of theirs, and the main goal of a quarter only who leads today', function (): void {
    $mei = Made::person();
    $fields = ['title' => 'Forty harbours', 'period' => '2027-Q1', 'measure' => 'work'];
    $this->actingAs($mei)->post('/goals', $fields)->assertSessionHasNoErrors();
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Goal::query()->count())->toBe(0);

    $this->post('/redo')->assertSessionHasNoErrors();
    expect(Goal::query()->sole())->title->toBe('Forty harbours');

    $this->actingAs($this->other)
        ->post('/goals', [...$fields, 'title' => 'Sixty harbours', 'isMain' => true])
        ->assertSessionHasNoErrors();
    $this->other->update(['role' => Role::Member]);
    $this->post('/undo')->assertSessionHasErrors([
        'undo' => 'Only a lead can choose the main goal of a year or quarter. Nothing was undone.',
    ]);
    expect(Goal::query()->where('is_main', true)->value('title'))->toBe('Sixty harbours');
});

it('undoes nobody else’s change', function (): void {
    $task = Made::task($this->lead);
    $this->put("/tasks/$task->id/tick", ['done' => true]);
    $batch = session('change')['batch'];

    $this->actingAs($this->other)
        ->post("/undo/$batch")
        ->assertNotFound();
    $this->post('/undo')->assertSessionHasErrors(['undo' => 'There is nothing to undo.']);
    expect($task->refresh()->done_on)->not->toBeNull();
});

it('goes back step by step, and forth again until something else is changed', function (): void {
    $task = Made::task($this->lead, ['title' => 'One']);

    foreach (['Two', 'Three'] as $title) {
        $this->put("/tasks/$task->id", ['title' => $title]);
    }

    $step = function (string $address) use ($task): string {
        $this->post($address)->assertSessionHasNoErrors();

        return $task->refresh()->title;
    };

    expect([$step('/undo'), $step('/undo'), $step('/redo'), $step('/redo'), $step('/undo')])->toBe(['Two', 'One', 'Two', 'Three', 'Two']);
    $this->post('/redo')->assertSessionHas('change.words', 'Redid: changed “Two”');
    $this->post('/undo');
    $this->put("/tasks/$task->id", ['title' => 'Four']);
    $this->post('/redo')->assertSessionHasErrors(['undo' => 'There is nothing to redo.']);
    expect($task->refresh()->title)->toBe('Four');
});

it('undoes a change once', function (): void {
    $task = Made::task($this->lead, ['title' => 'One']);
    $this->put("/tasks/$task->id", ['title' => 'Two']);
    $batch = session('change')['batch'];
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    $this->post("/undo/$batch")->assertSessionHasErrors(['undo' => 'This has already been undone.']);
});

it('takes no step back to the day before yesterday, nor through what saves itself', function (): void {
    $task = Made::task($this->lead, ['title' => 'One']);
    $this->put("/tasks/$task->id", ['title' => 'Two']);
    $this->put('/reviews/2027-W05/answers', ['question' => 'moved', 'words' => 'The buoy']);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect($task->refresh()->title)
        ->toBe('One')
        ->and(Answer::query()->value('words'))
        ->toBe('The buoy');

    $this->put("/tasks/$task->id", ['title' => 'Three']);
    Carbon::setTestNow('2027-02-12 09:00:00');
    $this->post('/undo')->assertSessionHasErrors('undo');
});
