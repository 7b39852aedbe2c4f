<?php

declare(strict_types=1);

use App\Models\Milestone;
use App\Models\PlanLine;
use App\Models\Role;
use App\Models\Task;
use App\Queries\Parts\Markdown;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->project = Made::project($this->mei);
    $this->actingAs($this->mei);
    $this->page = fn(): array => $this->props("/projects/{$this->project->id}")['page'];
});

it('keeps a charter in Markdown, part by part', function (): void {
    $this->put("/projects/{$this->project->id}/charter", [
        'why' => 'Because it is **cold**.',
        'outcome' => "- nine\n- harbours",
        'in_scope' => 'Orkney',
        'out_of_scope' => 'Shetland',
        'constraints' => '',
        'risks' => null,
        'decides' => 'Priya',
    ])->assertSessionHasNoErrors();
    $charter = array_column(($this->page)()['charter'], 'html', 'name');

    expect($charter)->toBe([
        'why' => "<p>Because it is <strong>cold</strong>.</p>\n",
        'outcome' => "<ul>\n<li>nine</li>\n<li>harbours</li>\n</ul>\n",
        'in_scope' => "<p>Orkney</p>\n",
        'out_of_scope' => "<p>Shetland</p>\n",
        'constraints' => null,
        'risks' => null,
        'decides' => "<p>Priya</p>\n",
        'notes' => null,
    ]);
    expect(array_column(($this->page)()['history'], 'words'))->toContain('changed the charter');
    $this->actingAs(Made::person())
        ->put("/projects/{$this->project->id}/charter", ['why' => 'x'])
        ->assertForbidden();
});

it('lets nothing through Markdown that could do harm', function (string $text): void {
    $document = new DOMDocument();
    $document->loadHTML('<?xml encoding="utf-8"?><body>'.Markdown::html($text).'</body>', LIBXML_NOERROR);

    foreach ($document->getElementsByTagName('*') as $element) {
        expect($element->tagName)->toBeIn(['html', 'body', 'p', 'a', 'span', 'pre', 'code', 'strong', 'em', 'ul', 'li']);

        foreach ($element->attributes as $attribute) {
            expect($attribute->name)
                ->toBeIn(['href', 'title', 'class', 'rel'])
                ->and(strtolower(trim($attribute->value)))
                ->not->toMatch('/^(javascript|data|vbscript):/');
        }
    }
})->with([
    '<script>alert(1)</script>',
    '<img src=x onerror=alert(1)>',
    '![a picture](https://elsewhere.example/pixel.png)',
    '[press](javascript:alert(1))',
    '[press](JaVaScRiPt:alert(1))',
    '[press](data:text/html;base64,PHNjcmlwdD4=)',
    '<a href="javascript:alert(1)">x</a>',
    '<svg/onload=alert(1)>',
    "```html\n<script>alert(1)</script>\n```",
    '<iframe src="https://elsewhere.example"></iframe>',
    '[x](https://a.example "onmouseover=alert(1)")',
    '<div style="background:url(javascript:alert(1))">',
]);

it('survives Markdown made to be slow', function (): void {
    expect(Markdown::html(str_repeat('[', 5000).str_repeat('> ', 2000).str_repeat('*a', 5000)))->toBeString();
});

it('shows how it stands, with its date, on its page and in the register', function (): void {
    $this->put("/projects/{$this->project->id}/status", ['line' => 'Two harbours left.'])->assertSessionHasNoErrors();

    expect(($this->page)()['project'])
        ->toMatchArray(['statusLine' => 'Two harbours left.', 'statusOn' => Made::TODAY])
        ->and($this->props('/projects')['page']['groups'][0]['projects'][0]['statusLine'])
        ->toBe('Two harbours left.');
    $this->put("/projects/{$this->project->id}/status", ['line' => '']);
    expect(($this->page)()['project']['statusOn'])->toBeNull();
});

it('has milestones to reach', function (): void {
    $this->post("/projects/{$this->project->id}/milestones", ['title' => 'Five wet', 'on' => '2027-02-09'])->assertSessionHasNoErrors();
    $this->post("/projects/{$this->project->id}/milestones", ['title' => 'No day'])->assertSessionHasErrors('on');
    $milestone = Milestone::query()->firstOrFail();
    expect(($this->page)()['milestones'][0]['isLate'])->toBeTrue();

    $this->put("/milestones/$milestone->id/reached", ['reached' => true]);
    expect(($this->page)()['milestones'][0])->toMatchArray(['reachedOn' => Made::TODAY, 'isLate' => false]);
    $this->put("/milestones/$milestone->id", ['title' => 'Six wet', 'on' => '2027-03-01']);
    expect($milestone->refresh()->title)->toBe('Six wet');
    $this->actingAs(Made::person())
        ->delete("/milestones/$milestone->id")
        ->assertForbidden();
    $this->actingAs($this->lead)
        ->delete("/milestones/$milestone->id")
        ->assertSessionHasNoErrors();
    expect(Milestone::query()->count())->toBe(0);
});

it('lets two change a milestone, each what the other did not', function (): void {
    $this->post("/projects/{$this->project->id}/milestones", ['title' => 'Five wet', 'on' => '2027-03-09']);
    $milestone = Milestone::query()->sole();
    $change = fn(array $to, array $seen) => $this->put("/milestones/$milestone->id", [...$to, 'seen' => $seen]);
    $change(['title' => 'Six wet'], ['title' => 'Five wet'])->assertSessionHasNoErrors();
    $change(['on' => '2027-03-16'], ['on' => '2027-03-09'])->assertSessionHasNoErrors();
    $change(['title' => 'Seven wet'], ['title' => 'Five wet'])->assertSessionHasErrors('title');
    $change(['on' => '9999-13-01'], ['on' => '2027-03-16'])->assertSessionHasErrors('on');

    expect($milestone->refresh()->only('title', 'on'))->toEqual(['title' => 'Six wet', 'on' => Day::of('2027-03-16')]);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect((string) $milestone->refresh()->on)->toBe('2027-03-09');
});

it('promotes a line of the plan to a task once', function (): void {
    $this->post("/projects/{$this->project->id}/lines", ['title' => 'Ask the ferry'])->assertSessionHasNoErrors();
    $line = PlanLine::query()->firstOrFail();
    expect(Task::query()->count())->toBe(0);

    $this->post("/lines/$line->id/promote")->assertSessionHasNoErrors();
    $this->post("/lines/$line->id/promote")->assertSessionHasErrors('line');
    expect(Task::query()->firstOrFail())
        ->title->toBe('Ask the ferry')
        ->project_id->toBe($this->project->id);

    $this->post('/undo/'.DB::table('activity_log')->orderByDesc('id')->value('batch_uuid'))->assertSessionHasNoErrors();
    expect(Task::query()->count())
        ->toBe(0)
        ->and($line->refresh()->task_id)
        ->toBeNull();
});

it('says how likely it is to be done in time, once three weeks show how it moves', function (): void {
    $project = Made::project($this->mei, more: ['starts_on' => '2027-01-11', 'due_on' => '2027-03-12']);
    $tasks = array_map(
        fn(int $number) => Made::task($this->mei, ['project_id' => $project->id, 'created_on' => '2027-01-04']),
        range(0, 9),
    );
    $page = fn(): array => $this->props("/projects/$project->id")['page'];
    expect($page()['forecast']['chance'])->toBe('below 1%');

    foreach ([12, 19, 26, 33] as $i => $days) {
        $tasks[$i]->update(['done_on' => (string) Day::of('2027-01-01')->plus($days)]);
    }

    expect($page()['forecast'])
        ->toMatchArray([
            'chance' => 'below 1%',
            'weekByWeek' => '10, 10, 10, 10 points',
            'sentence' => 'On pace; at 10 points a week it will be reached about 21 Mar; 12 a week would make it.',
        ])
        ->and($page()['project']['gauge'])
        ->toMatchArray(['low' => 90, 'high' => 90])
        ->and($this->getJson("/projects/$project->id/figure?on=".Made::TODAY)->json('forecast.1'))
        ->toBe('60.0 points remain, with 5 weeks left.');

    $project->update(['state' => 'paused']);
    expect($page()['forecast'])->toBeNull();
});

it('asks what was learned as it is closed', function (): void {
    $this->put("/projects/{$this->project->id}/close", ['learned' => 'Book the chamber first.'])->assertSessionHasNoErrors();

    expect($this->project->refresh())
        ->state->toBe(ProjectState::Done)
        ->learned->toBe('Book the chamber first.')
        ->and(($this->page)()['learned'])
        ->toBe('Book the chamber first.');
});

it('shows the quarter’s goals beside a project that is not taken on yet', function (): void {
    $goal = Made::goal($this->lead, '2027-Q1', ['title' => 'First fifteen']);
    Made::goal($this->lead, '2027-Q1', ['title' => 'A secret goal', 'visibility' => 'only_me']);
    $proposed = Made::project($this->mei, [$goal], more: ['state' => 'proposed']);

    expect(array_column($this->props("/projects/$proposed->id")['page']['quarterGoals'], 'title'))
        ->toBe(['First fifteen'])
        ->and(($this->page)()['quarterGoals'])
        ->toBe([]);
});
