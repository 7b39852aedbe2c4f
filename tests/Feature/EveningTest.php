<?php

declare(strict_types=1);

use App\Models\EveningAnswer;
use App\Models\EveningQuestion;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('the evening', function (): void {
    beforeEach(function (): void {
        $this->answer = fn(array $sent, string $on = Made::TODAY) => $this->put("/days/$on/answers", [
            'question' => 'What did I learn?',
            ...$sent,
        ]);
    });

    it('comes in the evening, and any past day can be answered', function (): void {
        expect(($this->day)()['evening']['isTime'])->toBeFalse();
        Carbon::setTestNow(Made::TODAY.' 16:00:00');
        $page = ($this->day)();
        expect($page['evening']['isTime'])
            ->toBeTrue()
            ->and(array_column($page['evening']['questions'], 'question'))
            ->toBe(['What did I learn?', 'What held me up?', 'How was the day?'])
            ->and(($this->day)('/days/2027-02-01')['evening']['isTime'])
            ->toBeTrue()
            ->and(array_column($page['passes'], 'isDue', 'kind')['evening'])
            ->toBeTrue();

        ($this->answer)(['words' => 'Tides first.'])->assertSessionHasNoErrors();
        expect(array_column(($this->day)()['passes'], 'isDue', 'kind')['evening'])->toBeFalse();
    });

    it('keeps words and scores, one answer a day, and takes an empty one away', function (): void {
        ($this->answer)(['words' => 'Tides first.']);
        ($this->answer)(['words' => 'Tides first, mail later.', 'seen' => 'Tides first.'])->assertSessionHasNoErrors();
        ($this->answer)(['question' => 'How was the day?', 'score' => 4]);
        ($this->answer)(['words' => 'Long.'], '2027-02-09');

        $log = ($this->day)('/log');
        expect(array_map(static fn(array $day): array => array_column($day['answers'], 'words'), array_slice($log['days'], 0, 2)))
            ->toBe([['Tides first, mail later.'], ['Long.']])
            ->and(array_column(array_slice($log['days'], 0, 2), 'score', 'on'))
            ->toBe([Made::TODAY => 4, '2027-02-09' => null])
            ->and([$log['question'], $log['mean'], $log['meanBefore']])
            ->toBe(['How was the day?', 4, null]);

        ($this->answer)(['words' => '', 'seen' => 'Tides first, mail later.']);
        expect(EveningAnswer::query()->count())->toBe(2);
    });

    it('is not overwritten by an older page', function (): void {
        ($this->answer)(['words' => 'First']);
        ($this->answer)(['words' => 'Second', 'seen' => ''])->assertSessionHasErrors('words');
        expect(EveningAnswer::query()->sole()->words)->toBe('First');
    });

    it('refuses a day to come, a question that is not asked, and a score out of bounds', function (): void {
        ($this->answer)(['words' => 'x'], '2027-02-11')->assertSessionHasErrors('words');
        ($this->answer)(['question' => 'Nobody asked this', 'words' => 'x'])->assertSessionHasErrors('words');
        ($this->answer)(['question' => 'How was the day?', 'score' => 6])->assertSessionHasErrors('score');
        expect(EveningAnswer::query()->count())->toBe(0);
    });

    it('has a bank of one’s own of which three are asked', function (): void {
        $this->post('/evening-questions', ['words' => 'What was easy?'])->assertSessionHasNoErrors();
        $bank = fn(): array => array_column(($this->day)('/days/2027-02-09')['evening']['bank'], 'isAsked', 'question');
        expect($bank())
            ->toHaveCount(7)
            ->toMatchArray(['What was easy?' => false]);

        $this->put('/evening-questions', ['words' => 'What was easy?', 'isAsked' => true])->assertSessionHasErrors('words');
        $this->put('/evening-questions', ['words' => 'What held me up?', 'isAsked' => false]);
        $this->put('/evening-questions', ['words' => 'What was easy?', 'isAsked' => true])->assertSessionHasNoErrors();
        expect(array_keys(array_filter($bank())))->toBe(['What did I learn?', 'How was the day?', 'What was easy?']);
        $this->post('/evening-questions', ['words' => 'What was easy?'])->assertSessionHasErrors('words');
        $this->put('/evening-questions', ['words' => 'Not there', 'isAsked' => true])->assertSessionHasErrors('words');
    });

    it('keeps an answer whose question is gone', function (): void {
        ($this->answer)(['words' => 'Tides first.']);
        $this->delete('/evening-questions', ['words' => 'What did I learn?'])->assertSessionHasNoErrors();
        $rows = ($this->day)()['evening']['questions'];
        expect(array_column($rows, 'words', 'question'))->toMatchArray(['What did I learn?' => 'Tides first.']);
        ($this->answer)(['words' => 'Tides first, always.', 'seen' => 'Tides first.'])->assertSessionHasNoErrors();
    });

    it('leaves one question in the bank', function (): void {
        EveningQuestion::query()->create(['person_id' => $this->me->id, 'words' => 'Only this', 'is_score' => false, 'is_asked' => true]);
        $this->delete('/evening-questions', ['words' => 'Only this'])->assertSessionHasErrors('words');
    });

    it('chooses the main thing of the next working day', function (): void {
        Carbon::setTestNow('2027-02-12 17:00:00');
        app()->forgetScopedInstances();
        $task = Made::task($this->me, ['title' => 'Moor the buoy', 'planned' => '2027-W07']);
        $evening = ($this->day)()['evening'];
        expect($evening['next'])
            ->toBe('2027-02-15')
            ->and(array_column($evening['candidates'], 'title'))
            ->toBe(['Moor the buoy']);

        $this->put("/tasks/$task->id/main", ['on' => '2027-02-15'])->assertSessionHasNoErrors();
        expect(($this->day)()['evening']['nextMain']['title'])
            ->toBe('Moor the buoy')
            ->and($task->refresh()->planned)
            ->toBe('2027-02-15');
        $this->put("/tasks/$task->id/main", ['on' => '2027-02-11'])->assertSessionHasErrors(['task' => 'This day is over.']);
    });

    it('offers what is planned for the next working day, then what has no day, then the other days', function (): void {
        Carbon::setTestNow('2027-02-12 17:00:00');
        app()->forgetScopedInstances();
        $planned = fn(string $title, string $planned, array $more = []) => Made::task($this->me, compact('title', 'planned') + $more);
        $planned('Thursday', '2027-02-18');
        $planned('Tuesday', '2027-02-16');
        $planned('No day', '2027-W07');
        $planned('No day, most urgent', '2027-W07', ['rank' => 'A']);
        $planned('Monday', '2027-02-15');
        $planned('The week after', '2027-W08');
        $planned('Done', '2027-02-15', ['done_on' => '2027-02-12']);
        $planned('Shelved', '2027-02-15', ['shelved_on' => '2027-02-12']);
        Made::task($this->other, ['title' => 'Of somebody else', 'planned' => '2027-02-15']);
        expect(array_column(($this->day)()['evening']['candidates'], 'title'))
            ->toBe(['Monday', 'No day, most urgent', 'No day', 'Tuesday', 'Thursday']);
    });
});
