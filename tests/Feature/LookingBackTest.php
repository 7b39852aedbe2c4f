<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Appointment;
use App\Models\Area;
use App\Models\EveningAnswer;
use App\Models\Finding;
use App\Models\LogLine;
use App\Models\MainEffort;
use App\Models\Review;
use App\Models\ReviewQuestion;
use App\Models\Role;
use App\Models\Verdict;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    // The day is Wednesday 10 February 2027, week 6.
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    Made::task($this->me, ['created_on' => '2026-06-01']);
    $this->actingAs($this->me);
    $this->write = function (string $period, string $question, string $words): Answer {
        $this->put("/reviews/$period/answers", ['question' => $question, 'words' => $words])->assertSessionHasNoErrors();

        return Answer::query()->where('question', $question)->whereRelation('review', 'period', $period)->sole();
    };
    $this->keep = fn(string $source, int $id, ?string $level) => $this->put('/findings', [
        'source' => $source,
        'id' => $id,
        'level' => $level,
    ]);
    $this->digest = fn(string $period): array => array_map(
        static fn(array $row): array => [$row['words'], $row['level']],
        $this->props("/reviews/$period")['page']['digest'],
    );
});

describe('what one wanted to do differently', function (): void {
    beforeEach(function (): void {
        $this->asked = fn(string $week): array => array_map(
            static fn(array $row): array => [$row['words'], $row['now'], array_column($row['record'], 'verdict')],
            $this->props("/reviews/$week")['page']['resolutions'],
        );
        $this->judge = fn(string $week, Answer $answer, ?string $verdict) => $this->put("/reviews/$week/verdicts", [
            'answer' => $answer->id,
            'verdict' => $verdict,
        ]);
    });

    it('comes first in the next review, and again for as long as it is tried', function (): void {
        $first = ($this->write)('2027-W02', 'differently', 'Ring first.');
        expect(($this->asked)('2027-W02'))
            ->toBe([])
            ->and(($this->asked)('2027-W03'))
            ->toBe([['Ring first.', null, []]]);
        ($this->judge)('2027-W03', $first, 'trying')->assertSessionHasNoErrors();
        $second = ($this->write)('2027-W03', 'differently', 'One thing a day.');
        expect(($this->asked)('2027-W03'))
            ->toBe([['Ring first.', 'trying', []]])
            ->and(($this->asked)('2027-W04'))
            ->toBe([['One thing a day.', null, []], ['Ring first.', null, ['trying']]]);
        ($this->judge)('2027-W04', $first, 'done');
        ($this->judge)('2027-W04', $second, 'not_done');
        expect(($this->asked)('2027-W05'))->toBe([['One thing a day.', null, ['not_done']]]);
        ($this->judge)('2027-W04', $first, null)->assertSessionHasNoErrors();
        expect(Verdict::query()->where('answer_id', $first->id)->pluck('period')->all())->toBe(['2027-W03']);
    });

    it('is asked about once however often one changes one’s mind, and undone as any change', function (): void {
        $answer = ($this->write)('2027-W04', 'differently', 'Ring first.');
        ($this->judge)('2027-W05', $answer, 'done');
        ($this->judge)('2027-W05', $answer, 'trying');
        expect(Verdict::query()->sole()->verdict->value)->toBe('trying');
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(Verdict::query()->sole()->verdict->value)->toBe('done');
    });

    it('is nobody else’s to judge, and no other answer is judged', function (): void {
        $answer = ($this->write)('2027-W04', 'differently', 'Ring first.');
        ($this->judge)('2027-W04', $answer, 'done')->assertSessionHasErrors('answer');
        ($this->judge)('2027-W05', ($this->write)('2027-W04', 'moved', 'Crews.'), 'done')->assertSessionHasErrors('answer');
        ($this->judge)('2027-W05', $answer, 'maybe')->assertSessionHasErrors('verdict');
        $this->actingAs($this->other);
        ($this->judge)('2027-W05', $answer, 'done')->assertNotFound();
        expect(Verdict::query()->count())
            ->toBe(0)
            ->and(($this->asked)('2027-W05'))
            ->toBe([]);
    });
});

describe('questions of one’s own', function (): void {
    beforeEach(function (): void {
        $this->asked = fn(string $period = '2027-W06'): array => array_column(
            $this->props("/reviews/$period")['page']['questions'],
            'question',
        );
        $this->add = fn(string $words, string $horizon = 'week') => $this->post('/review-questions', [
            'horizon' => $horizon,
            'words' => $words,
        ]);
    });

    it('are added, answered, put in order, rested and taken up again', function (): void {
        ($this->add)('Did I read?')->assertSessionHasNoErrors();
        expect(($this->asked)())->toBe([
            'What moved, and why?',
            'What did not move?',
            'What surprised me?',
            'What will I do differently?',
            'Did I read?',
        ]);
        $own = ReviewQuestion::query()->sole()->key;
        ($this->write)('2027-W06', $own, "Two chapters.\n\n  And a map.");
        $this->put('/review-questions', [
            'horizon' => 'week',
            'questions' => [$own, 'still', 'moved', 'surprised', 'differently'],
        ])->assertSessionHasNoErrors();
        expect(array_slice(($this->asked)(), 0, 3))->toBe(['Did I read?', 'What did not move?', 'What moved, and why?']);
        $this->put('/review-questions/resting', ['horizon' => 'week', 'question' => 'still', 'isResting' => true]);
        $still = collect($this->props('/reviews/2027-W06')['page']['questions'])->firstWhere('key', 'still');
        expect($still['isResting'])->toBeTrue()->and(($this->asked)()[1])->toBe('What did not move?');
        $this->post('/undo');
        expect(ReviewQuestion::query()->where('is_resting', true)->count())->toBe(0);
        // A question that was answered is not deleted with its answers.
        $this->delete('/review-questions', ['horizon' => 'week', 'question' => $own])->assertSessionHasErrors('question');
        expect($this->props('/reviews/2027-W06')['page']['questions'][0]['answer'])->toBe("Two chapters.\n\n  And a map.");
    });

    it('are refused twice, beyond what one sits through, and of others', function (): void {
        ($this->add)('What moved, and why?')->assertSessionHasErrors('words');
        ($this->add)('Did I read?', 'month')->assertSessionHasNoErrors();
        ($this->add)('Did I read?', 'month')->assertSessionHasErrors('words');
        ($this->add)('Did I read?', 'decade')->assertSessionHasErrors('horizon');
        $own = ReviewQuestion::query()->sole()->key;
        $this->put('/review-questions', ['horizon' => 'week', 'questions' => [$own]])->assertSessionHasErrors('questions');
        $this->put('/review-questions/resting', ['horizon' => 'week', 'question' => $own, 'isResting' => true])->assertSessionHasErrors();
        $this->put('/reviews/2027-W06/answers', ['question' => 'own-nothing', 'words' => 'x'])->assertSessionHasErrors('question');
        $this->actingAs($this->other)
            ->delete('/review-questions', ['horizon' => 'month', 'question' => $own])
            ->assertSessionHasErrors();
        expect(($this->asked)('2027-01'))->not->toContain('Did I read?');
        $this->actingAs($this->me)
            ->delete('/review-questions', ['horizon' => 'month', 'question' => $own])
            ->assertSessionHasNoErrors();
        expect(ReviewQuestion::query()->count())->toBe(0);

        foreach (range(1, 26) as $number) {
            ($this->add)("Question $number")->assertSessionHasNoErrors();
        }

        ($this->add)('One more')->assertSessionHasErrors('words');
    });

    it('ask about each of one’s roles, and keep what was said of one that was given up', function (): void {
        $role = Area::query()->create(['name' => 'mentor of Elif', 'kind' => 'role', 'owner_id' => $this->me->id]);
        Area::query()->create(['name' => 'treasurer', 'kind' => 'role', 'owner_id' => $this->other->id]);
        expect(($this->asked)())->toContain('As mentor of Elif')->not->toContain('As treasurer');
        ($this->write)('2027-W06', "role-$role->id", 'She closed the meeting.');
        $role->update(['owner_id' => $this->other->id]);
        expect(($this->asked)())->not->toContain('As mentor of Elif');
        $page = $this->props("/reviews/answers?question=role-$role->id")['page'];
        expect($page['answers'][0])->toMatchArray(['question' => 'A former role', 'words' => 'She closed the meeting.']);
    });
});

it('has a checklist that is blank in each review, and is no answer', function (): void {
    $this->post('/review-questions', ['horizon' => 'week', 'words' => 'Backup looked at', 'isCheck' => true])->assertSessionHasNoErrors();
    $key = ReviewQuestion::query()->sole()->key;
    ($this->write)('2027-W05', $key, 'done');
    $row = fn(string $week): array => collect($this->props("/reviews/$week")['page']['questions'])->firstWhere('key', $key);
    expect($row('2027-W05'))
        ->toMatchArray(['isCheck' => true, 'answer' => 'done', 'question' => 'Backup looked at'])
        ->and($row('2027-W06')['answer'])
        ->toBe('')
        ->and($this->props('/reviews/answers')['page']['answers'])
        ->toBe([])
        ->and(($this->digest)('2027-02'))
        ->toBe([]);
    $this->put('/reviews/2027-W05/answers', ['question' => $key, 'words' => ''])->assertSessionHasNoErrors();
    expect($row('2027-W05')['answer'])->toBe('');
    $this->delete('/review-questions', ['horizon' => 'week', 'question' => $key])->assertSessionHasNoErrors();
});

describe('findings', function (): void {
    it('go up from the week to the month, the quarter and the year, and know where they were written', function (): void {
        $kept = ($this->write)('2027-W02', 'surprised', 'Two crews at once.');
        ($this->write)('2027-W03', 'moved', 'Only said.');
        ($this->keep)('answer', $kept->id, 'month')->assertSessionHasNoErrors();
        expect(($this->digest)('2027-01'))
            ->toBe([['Two crews at once.', 'month'], ['Only said.', null]])
            ->and(($this->digest)('2027-Q1'))
            ->toBe([])
            ->and($this->props('/reviews/2027-01')['page']['digest'][0]['link'])
            ->toBe('/reviews/2027-W02');
        ($this->keep)('answer', $kept->id, 'quarter');
        $month = ($this->write)('2027-01', 'learned', 'Plan the tide first.');
        expect(($this->digest)('2027-Q1'))
            ->toBe([['Two crews at once.', 'quarter'], ['Plan the tide first.', null]])
            ->and(($this->digest)('2027'))
            ->toBe([]);
        ($this->keep)('answer', $month->id, 'year');
        ($this->keep)('answer', $kept->id, 'year');
        ($this->write)('2027-Q1', 'wrong', 'The farms.');
        expect(($this->digest)('2027'))->toBe([['Two crews at once.', 'year'], ['Plan the tide first.', 'year'], ['The farms.', null]]);
        ($this->keep)('answer', $kept->id, null);
        expect(($this->digest)('2027-Q1'))->toBe([['Plan the tide first.', 'year']]);
    });

    it('are words as they stand where they were written', function (): void {
        $answer = ($this->write)('2027-W05', 'surprised', 'Two crews.');
        ($this->keep)('answer', $answer->id, 'month');
        ($this->write)('2027-W05', 'surprised', 'Three crews.');
        // The week belongs to the month of its fourth day.
        expect(($this->digest)('2027-02'))
            ->toBe([['Three crews.', 'month']])
            ->and(($this->digest)('2027-01'))
            ->toBe([]);
    });

    it('of days are there in the month without being marked', function (): void {
        $line = LogLine::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-01-12',
            'at' => '10:00',
            'words' => 'The clamp holds.',
            'tag' => 'finding',
        ]);
        LogLine::query()->create(['person_id' => $this->me->id, 'on' => '2027-01-12', 'at' => '11:00', 'words' => 'Rang Kirkwall.']);
        $evening = EveningAnswer::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-01-13',
            'question' => 'What did I learn?',
            'words' => 'To wait.',
        ]);
        EveningAnswer::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-01-13',
            'question' => 'What held me up?',
            'words' => 'The ferry.',
        ]);
        expect(($this->digest)('2027-01'))
            ->toBe([['The clamp holds.', null], ['To wait.', null]])
            ->and($this->props('/reviews/2027-01')['page']['digest'][0]['link'])
            ->toBe('/days/2027-01-12');
        ($this->keep)('log', $line->id, 'quarter')->assertSessionHasNoErrors();
        ($this->keep)('evening', $evening->id, 'year')->assertSessionHasNoErrors();
        expect(($this->digest)('2027-Q1'))
            ->toBe([['The clamp holds.', 'quarter'], ['To wait.', 'year']])
            ->and(($this->digest)('2027'))
            ->toBe([['To wait.', 'year']]);
        $this->delete("/log-lines/$line->id")->assertSessionHasNoErrors();
        expect(($this->digest)('2027-Q1'))->toBe([['To wait.', 'year']]);
    });

    it('are one’s own: another person’s line is not there', function (): void {
        $answer = ($this->write)('2027-W05', 'surprised', 'Two crews.');
        $line = LogLine::query()->create([
            'person_id' => $this->me->id,
            'on' => '2027-01-12',
            'at' => '10:00',
            'words' => 'The clamp holds.',
            'tag' => 'finding',
        ]);
        ($this->keep)('answer', $answer->id, 'year');
        $this->actingAs($this->other);
        ($this->keep)('answer', $answer->id, 'month')->assertNotFound();
        ($this->keep)('log', $line->id, 'month')->assertNotFound();
        ($this->keep)('evening', 1, 'month')->assertNotFound();
        ($this->keep)('rumour', 1, 'month')->assertSessionHasErrors('source');
        ($this->keep)('answer', $answer->id, 'week')->assertSessionHasErrors('level');
        expect(Finding::query()->sole()->level->value)
            ->toBe('year')
            ->and(($this->digest)('2027'))
            ->toBe([]);
    });
});

describe('the review of a quarter', function (): void {
    beforeEach(function (): void {
        $this->year = Made::goal($this->me, '2026', ['mark' => 'HB', 'title' => 'Forty harbours']);
        $this->goals = [];

        foreach (
            [['met', 80], ['not_met', 90], ['met', 60], ['in_part', 70], ['met', 50], ['stopped', 90]] as $number => [$result, $chance]
        ) {
            $goal = Made::goal($this->me, '2026-Q4', [
                'parent_id' => $this->year->id,
                'title' => "Goal $number",
                'closed_on' => '2026-12-31',
                'result' => $result,
            ]);
            $goal->estimates()->create(['person_id' => $this->me->id, 'on' => '2026-10-05', 'chance' => $chance]);
            $goal->estimates()->create(['person_id' => $this->me->id, 'on' => '2026-12-05', 'chance' => 5]);
            $this->goals[] = $goal;
        }

        $this->facts = fn(): array => $this->props('/reviews/2026-Q4')['page']['facts'];
    });

    it('holds what was promised against what became of it, with the first estimate', function (): void {
        $facts = ($this->facts)();
        expect(array_map(static fn(array $each): array => [$each['goal']['title'], $each['estimate'], $each['result']], $facts['goals']))
            ->toBe([
                ['Goal 0', 80, 'met'],
                ['Goal 1', 90, 'not_met'],
                ['Goal 2', 60, 'met'],
                ['Goal 3', 70, 'in_part'],
                ['Goal 4', 50, 'met'],
                ['Goal 5', 90, 'stopped'],
            ])
            ->and($facts['estimates'])
            ->toBe('Owners gave 5 goals a 70% chance on average, and 60% were met: overconfident by 10 points.');
        $this->goals[0]->update(['result' => 'stopped']);
        expect(($this->facts)()['estimates'])->toBeNull();
    });

    it('gives the hours week by week, by goal and area, with what main efforts were meant', function (): void {
        $area = Area::query()->create(['name' => 'Harbours', 'kind' => 'area']);
        $project = Made::project($this->me, [$this->goals[0]], more: ['area_id' => $area->id]);
        $effort = MainEffort::query()->create([
            'goal_id' => $this->goals[0]->id,
            'title' => 'Harbour visits',
            'hours' => 4,
            'person_id' => $this->me->id,
        ]);
        Made::task($this->me, [
            'project_id' => $project->id,
            'main_effort_id' => $effort->id,
            'done_on' => '2026-10-07',
            'minutes' => 780,
            'created_on' => '2026-10-01',
        ]);
        Made::task($this->me, ['done_on' => '2026-11-18', 'minutes' => 60, 'created_on' => '2026-10-01']);
        Made::task($this->me, ['done_on' => '2027-01-05', 'minutes' => 600]);
        $facts = ($this->facts)();
        $weeks = array_filter($facts['weeks'], static fn(array $week): bool => $week['minutes'] > 0);
        expect([$facts['minutes'], $facts['alignment'], $facts['done']])
            ->toBe([840, 93, 2])
            ->and(array_values($weeks))
            ->toBe([['week' => '2026-W41', 'minutes' => 780, 'threaded' => 780], ['week' => '2026-W47', 'minutes' => 60, 'threaded' => 0]])
            ->and(array_map(static fn(array $share): array => [$share['title'], $share['minutes']], $facts['byArea']))
            ->toBe([['Harbours', 780], ['No area', 60]])
            ->and($facts['efforts'])
            ->toEqual([['title' => 'Harbour visits', 'meant' => 4, 'given' => 0.9]]);
    });

    it('stays as it was seen once it is held, and is worked out anew when it is reopened', function (): void {
        $this->post('/reviews/2026-Q4/hold')->assertSessionHasNoErrors();
        $this->goals[0]->update(['result' => 'not_met']);
        $page = $this->props('/reviews/2026-Q4')['page'];
        expect([$page['facts'], $page['heldAt']])
            ->toBe([null, Made::TODAY])
            ->and($page['kept']['goals'][0]['result'])
            ->toBe('met');
        $this->post('/reviews/2026-Q4/hold')->assertSessionHasErrors('review');
        $this->post('/reviews/2026-Q4/reopen')->assertSessionHasNoErrors();
        expect(($this->facts)()['goals'][0]['result'])->toBe('not_met');
    });

    it('shows nobody else’s private goals', function (): void {
        $this->goals[1]->update(['visibility' => 'only_me']);
        $titles = static fn(array $facts): array => array_column(array_column($facts['goals'], 'goal'), 'title');
        expect($titles(($this->facts)()))->toContain('Goal 1');
        $this->actingAs($this->other);
        expect($titles(($this->facts)()))->not->toContain('Goal 1')->and(count(($this->facts)()['goals']))->toBe(5);
    });
});

it('stands beside what was answered before in reviews of the same kind alone', function (): void {
    ($this->write)('2026-12', 'carried', 'The month.');
    ($this->write)('2026-Q4', 'carried', 'The quarter.');
    ($this->write)('2027-01', 'carried', 'This month.');

    foreach (['2026-12', '2026-Q4', '2027-01'] as $period) {
        $this->post("/reviews/$period/hold")->assertSessionHasNoErrors();
    }

    $before = fn(string $period): array => array_column(
        collect($this->props("/reviews/$period")['page']['questions'])->firstWhere('key', 'carried')['before'],
        'words',
    );
    expect($before('2027-Q1'))
        ->toBe(['The quarter.'])
        ->and($before('2027-02'))
        ->toBe(['This month.', 'The month.']);
});

describe('everything one ever answered', function (): void {
    it('is found by a word, by question and by what was kept, and is nobody else’s', function (): void {
        $price = ($this->write)('2027-W03', 'still', 'The PRICE of the farms, 100%_sure.');
        ($this->write)('2027-W05', 'still', 'The price again.');
        ($this->write)('2027-01', 'learned', 'Price first.');
        ($this->write)('2027-W04', 'moved', 'Crews.');
        ($this->keep)('answer', $price->id, 'month');
        $found = fn(string $query): array => array_column($this->props("/reviews/answers?$query")['page']['answers'], 'words');
        expect($found('q=price'))
            ->toBe(['The price again.', 'Price first.', 'The PRICE of the farms, 100%_sure.'])
            ->and($found('question=still'))
            ->toBe(['The price again.', 'The PRICE of the farms, 100%_sure.'])
            ->and($found('q=price&tag=finding'))
            ->toBe(['The PRICE of the farms, 100%_sure.'])
            ->and($found('q=%25_'))
            ->toBe(['The PRICE of the farms, 100%_sure.'])
            ->and($found('q=nothing'))
            ->toBe([]);
        $this->actingAs($this->other);
        expect($found('q=price'))->toBe([])->and($found('question=still'))->toBe([]);
        expect($this->props('/reviews/answers')['page']['questions'])->toBe([]);
    });
});

describe('what is due', function (): void {
    it('asks about the month that is over, until it is reviewed or long ago', function (): void {
        $passes = fn(): array => array_column($this->props('/')['page']['passes'], 'title');
        expect($passes())->toContain('Review January')->not->toContain('Review Q4');
        $this->post('/reviews/2027-01/hold')->assertSessionHasNoErrors();
        expect($passes())->not->toContain('Review January');
        Review::query()->delete();
        Made::later('2027-02-15');
        expect($passes())->not->toContain('Review January');
    });

    it('asks nobody about a time before they came', function (): void {
        $this->actingAs($this->other);
        expect(array_column($this->props('/')['page']['passes'], 'title'))->not->toContain('Review January');
    });
});

it('lists another year, and takes anything else for this one', function (): void {
    expect($this->props('/reviews?year=2026')['page']['year']['name'])
        ->toBe('2026')
        ->and($this->props('/reviews?year=2026-Q1')['page']['year']['name'])
        ->toBe('2027')
        ->and($this->props('/reviews?year=x')['page']['year']['name'])
        ->toBe('2027');
    $names = array_column(array_column($this->props('/reviews')['page']['rows'], 'period'), 'name');
    expect(array_slice($names, 0, 4))->toBe(['2027', '2027-Q1', '2027-02', '2027-W06']);
});

describe('the facts of a week', function (): void {
    it('name the tasks that moved a goal, whoever did them, but none that is hidden', function (): void {
        $year = Made::goal($this->me, '2027', ['mark' => 'HB']);
        $quarter = Made::goal($this->me, '2027-Q1', ['parent_id' => $year->id]);
        $project = Made::project($this->me, [$quarter]);

        foreach ([['Small', 15], ['Large', 240], ['Middle', 60], ['Least', 5]] as [$title, $minutes]) {
            Made::task($this->other, ['project_id' => $project->id, 'done_on' => '2027-02-03', 'title' => $title, 'minutes' => $minutes]);
        }

        Made::task($this->other, ['project_id' => $project->id, 'done_on' => '2027-02-03', 'title' => 'Hidden', 'visibility' => 'only_me']);
        Made::task($this->other, ['project_id' => $project->id, 'done_on' => '2027-02-09', 'title' => 'Week after']);
        $moved = $this->props('/reviews/2027-W05')['page']['facts']['moved'][0];
        expect([$moved['tasks'], $moved['more']])->toBe([['Large', 'Middle', 'Small'], 1]);
    });

    it('have the findings of the days, the days with nothing written, and appointments of this week and the next', function (): void {
        $line = static fn(string $on, string $words, ?string $tag) => LogLine::query()->create([
            'person_id' => test()->me->id,
            'on' => $on,
            'at' => '10:00',
            'words' => $words,
            'tag' => $tag,
        ]);
        $line('2027-02-02', 'The clamp holds.', 'finding');
        $line('2027-02-04', 'Rang Kirkwall.', null);
        EveningAnswer::query()->create(['person_id' => $this->me->id, 'on' => '2027-02-05', 'question' => 'What?', 'words' => 'x']);
        LogLine::query()->create([
            'person_id' => $this->other->id,
            'on' => '2027-02-01',
            'at' => '10:00',
            'words' => 'Theirs.',
            'tag' => 'finding',
        ]);

        foreach (['2027-01-31', '2027-02-03', '2027-02-14', '2027-02-15'] as $on) {
            Appointment::query()->create([
                'person_id' => $this->me->id,
                'title' => "On $on",
                'on' => $on,
                'at' => '09:30',
                'minutes' => 30,
            ]);
        }

        $facts = $this->props('/reviews/2027-W05')['page']['facts'];
        expect($facts['findings'])
            ->toBe([['on' => '2027-02-02', 'words' => 'The clamp holds.']])
            ->and($facts['blank'])
            ->toBe(['2027-02-01', '2027-02-03'])
            ->and(array_column($facts['appointments'], 'words'))
            ->toBe(['09:30 On 2027-02-03', '09:30 On 2027-02-14'])
            // Of a week that is not over, only the days so far.
            ->and($this->props('/reviews/2027-W06')['page']['facts']['blank'])
            ->toBe(['2027-02-08', '2027-02-09', '2027-02-10']);
    });

    it('come with the week that the decisions fill: the next, or the present one for a week long past', function (): void {
        expect($this->props('/reviews/2027-W06')['page']['ahead']['week']['name'])
            ->toBe('2027-W07')
            ->and($this->props('/reviews/2027-W05')['page']['ahead']['week']['name'])
            ->toBe('2027-W06')
            ->and($this->props('/reviews/2027-W02')['page']['ahead']['week']['name'])
            ->toBe('2027-W06');
        $this->post('/reviews/2027-W05/hold');
        expect($this->props('/reviews/2027-W05')['page']['ahead'])->toBeNull();
    });
});

it('says what became of each line that is started, stopped or continued', function (): void {
    ($this->write)('2026-Q4', 'start', "A price for three years.\n\n  Tides on Monday. ");
    ($this->write)('2026-Q4', 'stop', 'Friday quotes.');
    ($this->write)('2026-Q4', 'continue', 'Look at the tides.');
    ($this->write)('2026-Q4', 'wrong', 'The farms.');
    $this->post('/goals', [
        'title' => 'A price for three years.',
        'period' => '2027-Q1',
        'measure' => 'work',
        'stay' => true,
    ])->assertSessionHasNoErrors();
    $this->post('/tasks', ['title' => 'Tides on Monday.'])->assertSessionHasNoErrors();
    Made::task($this->other, ['title' => 'Friday quotes.']);
    $this->post('/recurring-tasks', [
        'title' => 'Look at the tides.',
        'kind' => 'task',
        'words' => 'every week',
        'stay' => true,
    ])->assertSessionHasNoErrors();
    $follows = $this->props('/reviews/2026-Q4')['page']['follows'];
    expect(array_column($follows, 'words'))
        ->toBe(['A price for three years.', 'Tides on Monday.', 'Friday quotes.', 'Look at the tides.'])
        ->and(
            array_map(
                static fn(array $line): array => array_keys(
                    array_filter(array_intersect_key($line, ['goal' => 0, 'task' => 0, 'recurring' => 0, 'issue' => 0])),
                ),
                $follows,
            ),
        )
        ->toBe([['goal'], ['task'], [], ['task', 'recurring']]);
});
