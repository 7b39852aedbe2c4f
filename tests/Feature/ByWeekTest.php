<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Answer;
use App\Models\Assumption;
use App\Models\Decision;
use App\Models\EveningAnswer;
use App\Models\Goal;
use App\Models\LogLine;
use App\Models\LongTermGoal;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    // The day is Wednesday 10 February 2027, week 6.
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->write = function (string $period, string $question, string $words): Answer {
        $this->put("/reviews/$period/answers", ['question' => $question, 'words' => $words])->assertSessionHasNoErrors();

        return Answer::query()->where('question', $question)->whereRelation('review', 'period', $period)->sole();
    };
    $this->log = fn($who, string $on, string $words, ?string $tag = null): LogLine => LogLine::query()->create([
        'person_id' => $who->id,
        'on' => $on,
        'at' => '10:00',
        'words' => $words,
        'tag' => $tag,
    ]);
    $this->found = fn(string $query): array => array_column($this->props("/reviews/answers?$query")['page']['answers'], 'words');
});

describe('what one wrote', function (): void {
    beforeEach(function (): void {
        ($this->write)('2027-W03', 'still', 'The price of the farms.');
        ($this->write)('2027-01', 'learned', 'Price first.');
        ($this->log)($this->me, '2027-01-20', 'A price is a promise.', 'finding');
        ($this->log)($this->me, '2027-01-21', 'We keep the price.', 'decision');
        ($this->log)($this->me, '2027-01-22', 'Rang about the price.');
        ($this->log)($this->other, '2027-01-20', 'Elif’s price.', 'finding');
        EveningAnswer::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-01-19',
            'question' => 'What did I learn?',
            'words' => 'Nobody asked the price.',
        ]);
    });

    it('is found by a word wherever it was written, the newest first', function (): void {
        expect(($this->found)('q=PRICE'))->toBe([
            'Price first.',
            'The price of the farms.',
            'Rang about the price.',
            'We keep the price.',
            'A price is a promise.',
            'Nobody asked the price.',
        ]);
    });

    it('is found by its kind, in a span, and both', function (string $query, array $found): void {
        expect(($this->found)($query))->toBe($found);
    })->with([
        'findings' => ['tag=finding', ['A price is a promise.']],
        'decisions of the log' => ['tag=decision', ['We keep the price.']],
        'ideas' => ['tag=idea', []],
        'a span' => ['from=2027-01-20&until=2027-01-23', ['We keep the price.', 'A price is a promise.']],
        'a span and a word' => ['q=rang&from=2027-01-20&until=2027-01-23', ['Rang about the price.']],
        'from a day on' => ['q=price&from=2027-01-31', ['Price first.']],
        'a question' => ['question=still', ['The price of the farms.']],
    ]);

    it('refuses what is no day and no kind', function (string $query): void {
        $this->get("/reviews/answers?$query")->assertSessionHasErrors();
    })->with(['from=soon', 'until=9999-01-01', 'tag=secret', 'goal=x', 'q='.str_repeat('a', 201)]);

    it('says where it was written, and is nobody else’s', function (): void {
        $lines = $this->props('/reviews/answers?q=price')['page']['answers'];
        expect(array_column($lines, 'link'))
            ->toContain('/reviews/2027-01', '/reviews/2027-W03', '/days/2027-01-22')
            ->and(array_column($lines, 'question'))
            ->toContain('What did I learn?', 'Finding', 'Log');
        $this->actingAs($this->other);
        expect(($this->found)('q=price'))->toBe(['Elif’s price.']);
    });
});

describe('an answer about a goal', function (): void {
    beforeEach(function (): void {
        $this->goal = Made::goal($this->me, '2027-Q1', ['title' => 'Forty harbours']);
        $this->answer = ($this->write)('2027-W05', 'still', "The tide.\n  And the papers.");
        $this->tie = fn(?int $goal) => $this->put('/answer-goals', ['answer' => $this->answer->id, 'goal' => $goal]);
    });

    it('comes back where that goal is closed, where it is planned, and where the next quarter looks back', function (): void {
        ($this->tie)($this->goal->id)->assertSessionHasNoErrors();
        $written = fn(string $address): array => array_map(
            static fn(array $line): array => [$line['goal'], $line['words']],
            $this->props($address)['page']['written'],
        );
        $back = [['Forty harbours', "The tide.\n  And the papers."]];

        expect($written('/closing/2027-Q1'))
            ->toBe($back)
            ->and($written('/planning/2027-Q1/goals'))
            ->toBe($back)
            ->and($written('/planning/2027-Q2/look_back'))
            ->toBe($back)
            ->and($written('/planning/2027-Q2/goals'))
            ->toBe([])
            ->and(($this->found)("goal={$this->goal->id}"))
            ->toBe(["The tide.\n  And the papers."]);
        $this->actingAs($this->other);
        expect($written('/closing/2027-Q1'))->toBe([])->and(($this->found)("goal={$this->goal->id}"))->toBe([]);
    });

    it('is about none again, and can be undone after the review was finished', function (): void {
        $this->post('/reviews/2027-W05/hold')->assertSessionHasNoErrors();
        ($this->tie)($this->goal->id)->assertSessionHasNoErrors();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect($this->answer->refresh()->goal_id)->toBeNull();
        ($this->tie)($this->goal->id);
        ($this->tie)(null)->assertSessionHasNoErrors();
        expect($this->answer->refresh()->goal_id)->toBeNull();
    });

    it('is tied by its writer alone, and to no goal that they may not see', function (): void {
        $hidden = Made::goal($this->other, '2027-Q1', ['visibility' => 'only_me']);
        ($this->tie)($hidden->id)->assertNotFound();
        $this->actingAs($this->other);
        ($this->tie)($hidden->id)->assertNotFound();
        expect($this->answer->refresh()->goal_id)->toBeNull();
    });

    it('does not tell others that it is there: its goal can be taken back as if it were not', function (): void {
        $this->actingAs($this->other)
            ->post('/goals', ['title' => 'New', 'period' => '2027-Q1', 'measure' => 'work'])
            ->assertSessionHasNoErrors();
        $new = Goal::query()->where('title', 'New')->sole();
        $this->actingAs($this->me);
        ($this->tie)($new->id)->assertSessionHasNoErrors();
        $this->actingAs($this->other)->post('/undo')->assertSessionHasNoErrors();

        expect(Goal::query()->find($new->id))
            ->toBeNull()
            ->and($this->answer->refresh()->goal_id)
            ->toBeNull();
    });
});

describe('a week that is over', function (): void {
    it('shows what was decided in it, what one wrote in it, and who was away', function (): void {
        Decision::query()->create(['words' => 'Two crews.', 'decided_on' => '2027-02-03', 'person_id' => $this->me->id]);
        Decision::query()->create(['words' => 'Later.', 'decided_on' => '2027-02-08', 'person_id' => $this->me->id]);
        ($this->write)('2027-W05', 'moved', 'The boats.');
        ($this->write)('2027-W04', 'moved', 'Before.');
        ($this->log)($this->me, '2027-02-02', 'Chain rusts.', 'finding');
        Absence::query()->create(['person_id' => $this->other->id, 'first_on' => '2027-01-28', 'last_on' => '2027-02-02']);
        Absence::query()->create(['person_id' => $this->me->id, 'first_on' => '2027-02-08', 'last_on' => '2027-02-09']);
        $passed = $this->props('/weeks/2027-W05')['page']['passed'];

        expect(array_column($passed['decisions'], 'words'))
            ->toBe(['Two crews.'])
            ->and(array_column($passed['written'], 'words'))
            ->toBe(['The boats.', 'Chain rusts.'])
            ->and(array_map(static fn(array $row): array => [$row['who']['name'], $row['first'], $row['last']], $passed['away']))
            ->toBe([['Elif Demir', '2027-02-01', '2027-02-02']])
            ->and($this->props('/weeks/2027-W06')['page']['passed'])
            ->toBeNull();
    });

    it('shows nobody’s words in somebody else’s week, and no month’s words in the week it ends with', function (): void {
        ($this->write)('2027-W04', 'moved', 'The boats.');
        ($this->write)('2027-01', 'learned', 'The month.');
        $week = "/weeks/2027-W04?who={$this->me->id}";

        expect(array_column($this->props('/weeks/2027-W04')['page']['passed']['written'], 'words'))
            ->toBe(['The boats.'])
            ->and($this->actingAs($this->other)->props($week)['page']['passed']['written'])
            ->toBe([]);
    });

    it('leaves decisions of private meetings out for others', function (): void {
        $series = Made::series([$this->me], ['is_private' => true]);
        $meeting = $series->meetings()->create([
            'on' => '2027-02-01',
            'time' => '09:15',
            'minutes' => 30,
            'opened_at' => now(),
            'closed_at' => now(),
        ]);
        $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Wages', 'minutes' => 5, 'position' => 0]);
        Decision::query()->create(['agenda_item_id' => $item->id, 'words' => 'More.', 'decided_on' => '2027-02-01']);

        expect($this->props('/weeks/2027-W05')['page']['passed']['decisions'])
            ->toHaveCount(1)
            ->and($this->actingAs($this->other)->props('/weeks/2027-W05')['page']['passed']['decisions'])
            ->toBe([]);
    });
});

describe('what is offered from what happened', function (): void {
    it('puts promises, what moved, decisions, findings and what held one up under their questions', function (): void {
        $quarter = Made::goal($this->me, '2027-Q1', ['title' => 'Forty harbours']);
        $project = Made::project($this->me, [$quarter]);
        Made::task($this->me, [
            'project_id' => $project->id,
            'done_on' => '2027-02-03',
            'title' => 'Moor two',
            'created_on' => '2027-01-04',
        ]);
        Made::task($this->me, ['project_id' => $project->id, 'created_on' => '2027-01-04']);
        Made::goal($this->me, '2027-Q1', ['title' => 'Farms', 'measure' => 'number', 'start_value' => 0, 'target_value' => 3]);
        $ended = ['closed_on' => '2027-02-05', 'result' => 'met'];
        Made::goal($this->me, '2027-W05', ['title' => 'Kept', 'is_firm' => true, 'measure' => 'yes_no', ...$ended]);
        Made::goal($this->me, '2027-W05', ['title' => 'Missed', 'is_firm' => true, 'measure' => 'yes_no']);
        Decision::query()->create(['words' => 'Two crews.', 'decided_on' => '2027-02-03', 'person_id' => $this->me->id]);
        ($this->log)($this->me, '2027-02-02', 'Chain rusts.', 'finding');
        EveningAnswer::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-02-02',
            'question' => 'What held me up?',
            'words' => "The ferry.\n  Twice.",
        ]);
        $offers = array_map(
            static fn(array $question): array => array_column($question['offers'], 'text'),
            array_column($this->props('/reviews/2027-W05')['page']['questions'], null, 'key'),
        );

        expect($offers['moved'])
            ->toBe(['“Forty harbours” moved: Moor two.', '“Kept” is done.', 'We decided: Two crews.'])
            ->and($offers['still'])
            ->toBe(['“Missed” was promised and is not done.', '“Farms” did not move.'])
            ->and($offers['surprised'])
            ->toBe(['Chain rusts.'])
            ->and($offers['differently'])
            ->toBe(["The ferry.\n  Twice."]);
        $this->post('/reviews/2027-W05/hold');
        expect(array_merge(...array_column($this->props('/reviews/2027-W05')['page']['questions'], 'offers')))->toBe([]);
    });

    it('calls nothing missed while the week is not over', function (): void {
        Made::goal($this->me, '2027-W06', ['title' => 'Open', 'is_firm' => true, 'measure' => 'yes_no']);
        $questions = array_column($this->props('/reviews/2027-W06')['page']['questions'], null, 'key');

        expect($questions['still']['offers'])->toBe([]);
    });

    it('puts how goals ended, what was assumed and what was found under the questions of a quarter and a month', function (): void {
        Made::goal($this->me, '2026-Q4', ['title' => 'Fifteen harbours', 'closed_on' => '2026-12-30', 'result' => 'met']);
        $missed = Made::goal($this->me, '2026-Q4', ['title' => 'Sixty buoys', 'closed_on' => '2026-12-30', 'result' => 'not_met']);
        Assumption::query()->create([
            'goal_id' => $missed->id,
            'person_id' => $this->me->id,
            'seen_on' => '2026-11-02',
            'title' => 'Chain in time',
            'test_on' => '2026-11-01',
            'seen' => 'Four weeks late.',
        ]);
        $finding = ($this->write)('2027-W03', 'surprised', 'Masters answer the telephone.');
        ($this->write)('2027-W04', 'surprised', 'Not marked.');
        $this->put('/findings', ['source' => 'answer', 'id' => $finding->id, 'level' => 'month']);
        $offers = fn(string $period): array => array_map(
            static fn(array $question): array => array_column($question['offers'], 'text'),
            array_column($this->props("/reviews/$period")['page']['questions'], null, 'key'),
        );
        $quarter = $offers('2026-Q4');

        expect($quarter['carried'])
            ->toBe(['“Fifteen harbours”: met.'])
            ->and($quarter['wrong'])
            ->toBe(['“Sixty buoys”: not met.', 'We assumed “Chain in time”: Four weeks late.'])
            ->and($quarter['start'])
            ->toBe([])
            ->and($offers('2027-01')['learned'])
            ->toBe(['Masters answer the telephone.']);
    });
});

describe('a year', function (): void {
    it('has its months in a line each: what was kept, or what was written first', function (): void {
        ($this->write)('2027-01', 'carried', "The crane.\nAnd more.");
        $kept = ($this->write)('2027-01', 'learned', "  \nTides first.\nMail later.");
        ($this->write)('2027-02', 'carried', "Two crews.\n\nNothing else.");
        $this->put('/findings', ['source' => 'answer', 'id' => $kept->id, 'level' => 'quarter']);

        expect(array_column($this->props('/reviews/2027')['page']['months'], 'words', 'month'))
            ->toBe(['2027-01' => 'Tides first.', '2027-02' => 'Two crews.'])
            ->and($this->props('/reviews/2027-Q1')['page']['months'])
            ->toBe([]);
    });

    it('says what changed in its long-term goals and in its motto', function (): void {
        $this->put('/periods/2027/words', ['words' => 'More hands', 'why' => null])->assertSessionHasNoErrors();
        $this->put('/periods/2027/words', ['words' => 'Fewer promises', 'why' => null])->assertSessionHasNoErrors();
        $lines = fn(): array => array_column($this->props('/reviews/2027')['page']['direction'], 'words');
        $goal = ['title' => 'Every harbour measures', 'why' => null, 'on' => '2030-12-31'];
        $this->post('/long-term-goals', $goal)->assertSessionHasNoErrors();
        $id = LongTermGoal::query()->sole()->id;
        Made::later('2027-06-01');
        $this->put("/long-term-goals/$id", [...$goal, 'on' => '2031-12-31'])->assertSessionHasNoErrors();
        $this->put("/long-term-goals/$id", [...$goal, 'on' => '2031-12-31', 'title' => 'All harbours measure'])->assertSessionHasNoErrors();
        $this->delete("/long-term-goals/$id")->assertSessionHasNoErrors();

        expect($lines())->toBe([
            'The motto became “More hands”',
            'The motto “More hands” became “Fewer promises”',
            'New long-term goal: “Every harbour measures”, by 31 Dec 2030',
            '“Every harbour measures”: by 31 Dec 2031 instead of 31 Dec 2030',
            'The long-term goal “Every harbour measures” became “All harbours measure”',
            'Gave up the long-term goal “All harbours measure”',
        ]);
    });
});

it('tells a lead who finished their review of a week, and nothing else of it', function (): void {
    $member = Made::person(name: 'Priya Raman');
    ($this->write)('2027-W05', 'moved', 'Secret words.');
    $this->post('/reviews/2027-W05/hold');
    $this->actingAs($member)->put('/reviews/2027-W05/answers', ['question' => 'moved', 'words' => 'Not finished.']);
    $team = fn($person): ?array => $this->actingAs($person)->props('/reviews/team/2027-W05')['page']['reviewed'];

    expect($team($this->other))
        ->toBe(['Noor Aksoy'])
        ->and($team($member))
        ->toBeNull()
        ->and((string) $this->actingAs($this->other)->get('/reviews/team/2027-W05')->getContent())
        ->not->toContain('Secret words');
});

it('counts the next steps of a week’s meetings, as far as one may know of them', function (): void {
    $agree = function (array $series, array $task): void {
        $meeting = Made::series([$this->me], $series)
            ->meetings()
            ->create(['on' => '2027-02-01', 'time' => '09:15', 'minutes' => 30, 'opened_at' => now(), 'closed_at' => now()]);
        $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Figures', 'minutes' => 5, 'position' => 0]);
        Made::task($this->me, ['agenda_item_id' => $item->id, 'created_on' => '2027-02-01', ...$task]);
    };
    $agree([], ['done_on' => '2027-02-02']);
    $agree([], []);
    $agree(['is_private' => true], []);
    $steps = fn($person): array => $this->actingAs($person)->props('/reviews/2027-W05')['page']['facts']['nextSteps'];

    expect($steps($this->me))
        ->toBe(['agreed' => 3, 'done' => 1])
        ->and($steps($this->other))
        ->toBe(['agreed' => 2, 'done' => 1]);
});
