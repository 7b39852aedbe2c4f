<?php

declare(strict_types=1);

use App\Models\Addition;
use App\Models\AgendaItem;
use App\Models\FinalMinutes;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\PrivateNote;
use App\Models\Role;
use App\Models\Task;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->actingAs($this->noor);
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Berth 7']);
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $this->meeting = Meeting::query()->firstOrFail();
    $this->item = AgendaItem::query()->whereNotNull('issue_id')->firstOrFail();
    $this->key = Str::uuid()->toString();
    $this->write = fn(string $words, ?string $key = null, int $version = 1) => $this->put("/agenda-items/{$this->item->id}/lines", [
        'key' => $key ?? $this->key,
        'words' => $words,
        'version' => $version,
    ]);
    $this->lines = fn(): array => NoteLine::query()->orderBy('id')->pluck('words')->all();
    $this->close = fn(array $more = []) => $this->post("/meetings/{$this->meeting->id}/close", $more);
});

describe('lines of notes', function (): void {
    it('stand one after the other, with spaces, empty ones too, whoever writes them', function (): void {
        ($this->write)('  Half a metre  ', Str::uuid()->toString());
        $this->actingAs($this->elif);
        ($this->write)('', Str::uuid()->toString());
        ($this->write)('At low water.', Str::uuid()->toString())->assertSessionHasNoErrors();

        expect(($this->lines)())->toBe(['  Half a metre  ', '', 'At low water.']);
        $rows = collect($this->props("/meetings/{$this->meeting->id}")['page']['items'])->firstWhere('id', $this->item->id)['lines'];
        expect(array_column($rows, 'isMine'))
            ->toBe([false, true, true])
            ->and($rows[0]['who']['name'])
            ->toBe('Noor Aksoy');
    });

    it('are sent again while they grow, and what arrives late or twice changes nothing', function (): void {
        ($this->write)('Half', version: 1);
        ($this->write)('Half a metre', version: 3);
        ($this->write)('Half a', version: 2)->assertSessionHasNoErrors();
        ($this->write)('Half a metre', version: 3)->assertSessionHasNoErrors();

        expect(($this->lines)())->toBe(['Half a metre']);
    });

    it('are each their writer’s', function (): void {
        ($this->write)('Mine');
        $line = NoteLine::query()->firstOrFail();
        $this->actingAs($this->elif);
        ($this->write)('Hers', version: 2)->assertSessionHasErrors('words');
        $this->delete("/note-lines/$line->id")->assertSessionHasErrors('words');
        expect(($this->lines)())->toBe(['Mine']);
    });

    it('are corrected by the chair and the minute-taker, which the line says, and the minutes', function (): void {
        $this->meeting->update(['chair_id' => $this->noor->id, 'minute_taker_id' => null]);
        $this->actingAs($this->elif);
        ($this->write)('Half a meter');
        $line = NoteLine::query()->firstOrFail();
        $row = fn(): array => collect($this->props("/meetings/{$this->meeting->id}")['page']['items'])->firstWhere('id', $this->item->id)[
            'lines'
        ][0];
        $correct = fn(string $words, string $seen) => $this->put("/note-lines/$line->id", [
            'words' => $words,
            'seen' => ['words' => $seen],
        ]);

        $this->actingAs($this->noor);
        $correct('Half a metre', 'Half a meter')->assertSessionHasNoErrors();
        expect($row())->toMatchArray(['words' => 'Half a metre', 'correctedBy' => 'Noor Aksoy', 'isMine' => false]);
        $correct('A metre', 'Half a meter')->assertSessionHasErrors('words');
        $this->post('/undo')->assertSessionHasNoErrors();
        expect($row())->toMatchArray(['words' => 'Half a meter', 'correctedBy' => null]);
        $this->post('/redo');

        // Its writer goes on from there, and has the last word.
        $this->actingAs($this->elif);
        $correct('mine', 'Half a metre')->assertSessionHasNoErrors();
        ($this->write)('Half a metre, at low water', version: 2)->assertSessionHasNoErrors();
        expect($row())->toMatchArray(['words' => 'Half a metre, at low water', 'correctedBy' => null]);

        $this->actingAs($this->noor);
        $correct('Half a metre at low water', 'Half a metre, at low water')->assertSessionHasNoErrors();
        ($this->close)()->assertSessionHasNoErrors();
        $minutes = $this->props("/meetings/{$this->meeting->id}")['page']['minutes']['items'];
        expect(collect($minutes)->firstWhere('title', 'Berth 7')['lines'][0])->toMatchArray([
            'words' => 'Half a metre at low water',
            'who' => 'Elif Demir',
            'correctedBy' => 'Noor Aksoy',
        ]);
        $correct('Too late', 'Half a metre at low water')->assertSessionHasErrors();
    });

    it('are corrected by nobody else', function (): void {
        $this->meeting->update(['chair_id' => null, 'minute_taker_id' => null]);
        ($this->write)('Mine');
        $line = NoteLine::query()->firstOrFail();
        $this->actingAs($this->elif);
        $this->put("/note-lines/$line->id", ['words' => 'Hers'])->assertSessionHasErrors('words');
        $this->actingAs(Made::person(name: 'Kwame Mensah'));
        $this->put("/note-lines/$line->id", ['words' => 'His'])->assertForbidden();
        expect(($this->lines)())->toBe(['Mine']);
    });

    it('are no steps to go back by, but one that is deleted comes back', function (): void {
        ($this->write)('Keep me');
        $line = NoteLine::query()->firstOrFail();
        $before = DB::table('changes')->count();
        ($this->write)('Keep me too', Str::uuid()->toString());
        expect(DB::table('changes')->count())->toBe($before);
        $this->delete("/note-lines/$line->id")->assertSessionHasNoErrors();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(($this->lines)())->toContain('Keep me');
    });

    it('reach open pages: each has another stamp', function (): void {
        $before = $this->getJson('/stamp')->json('stamp');
        ($this->write)('News');
        expect($this->getJson('/stamp')->json('stamp'))->not->toBe($before);
    });

    it('refuse what is none', function (array $wrong, string $field): void {
        $this->put("/agenda-items/{$this->item->id}/lines", [
            'key' => $this->key,
            'words' => 'x',
            'version' => 1,
            ...$wrong,
        ])->assertSessionHasErrors($field);
        expect(($this->lines)())->toBe([]);
    })->with([
        [['key' => 'no uuid'], 'key'],
        [['words' => str_repeat('x', 2001)], 'words'],
        [['words' => ['a']], 'words'],
        [['version' => 0], 'version'],
        [['version' => 99_999_999], 'version'],
    ]);

    it('become a decision or a next step where they stand', function (): void {
        ($this->write)('We move to berth 9');
        $line = NoteLine::query()->firstOrFail();
        $this->post("/agenda-items/{$this->item->id}/decisions", [
            'words' => $line->words,
            'line' => $line->id,
        ])->assertSessionHasNoErrors();
        ($this->write)('Tell the office, to Elif', Str::uuid()->toString());
        $step = NoteLine::query()->latest('id')->firstOrFail();
        $this->post("/agenda-items/{$this->item->id}/next-steps", [
            'title' => $step->words,
            'line' => $step->id,
        ])->assertSessionHasNoErrors();

        $item = collect($this->props("/meetings/{$this->meeting->id}")['page']['items'])->firstWhere('id', $this->item->id);
        expect(array_column($item['lines'], 'became'))
            ->toBe(['decision', 'next step'])
            ->and($item['nextSteps'][0]['title'])
            ->toBe('Tell the office')
            ->and($item['nextSteps'][0]['owner']['id'])
            ->toBe($this->elif->id);
    });
});

it('uses up nothing that is said of another request: a refused next step is refused in sight', function (): void {
    $this->from("/meetings/{$this->meeting->id}")
        ->post("/agenda-items/{$this->item->id}/next-steps", ['title' => 'Ring the mill'])
        ->assertSessionHasErrors('owner');
    $background = ['X-Background' => '1'];
    $this->putJson("/meetings/{$this->meeting->id}/presence", ['browser' => $this->key, 'unsent' => 0], $background)->assertOk();
    $this->put("/agenda-items/{$this->item->id}/lines", ['key' => $this->key, 'words' => 'x', 'version' => 1], $background)->assertStatus(
        303,
    );

    expect($this->props("/meetings/{$this->meeting->id}")['errors'])->toHaveKey('owner');
});

describe('notes of one’s own', function (): void {
    it('are nobody else’s to see, and in no minutes', function (): void {
        $this->put("/agenda-items/{$this->item->id}/own-notes", ['words' => "Ask Priya\n  why"])->assertSessionHasNoErrors();
        $own = fn(): string => collect($this->props("/meetings/{$this->meeting->id}")['page']['items'])->firstWhere('id', $this->item->id)[
            'ownNotes'
        ];
        expect($own())->toBe("Ask Priya\n  why");
        $this->actingAs($this->elif);
        expect($own())->toBe('')->and(json_encode($this->props("/meetings/{$this->meeting->id}")))->not->toContain('Ask Priya');
        $this->put("/agenda-items/{$this->item->id}/own-notes", ['words' => 'Mine']);
        expect(PrivateNote::query()->count())->toBe(2);

        ($this->close)();
        expect(FinalMinutes::query()->sole()->text)
            ->not->toContain('Ask Priya')
            ->and(json_encode($this->props("/meetings/{$this->meeting->id}")))
            ->not->toContain('Ask Priya');
    });
});

describe('closing', function (): void {
    it('waits for lines that are still on their way, unless it is told not to', function (): void {
        $here = fn(int $unsent, array $more = []) => $this->putJson("/meetings/{$this->meeting->id}/presence", [
            'browser' => $this->key,
            'unsent' => $unsent,
            ...$more,
        ]);
        $this->actingAs($this->elif);
        $here(2)->assertOk();
        $this->actingAs($this->noor);
        expect($this->putJson("/meetings/{$this->meeting->id}/presence", ['browser' => Str::uuid(), 'unsent' => 0])->json())->toBe([
            'here' => [$this->noor->id, $this->elif->id],
            'writing' => ['Elif Demir'],
            'isClosing' => false,
        ]);
        ($this->close)()->assertSessionHasErrors(['waits' => 'Lines are still on their way from Elif Demir.']);
        expect($this->meeting->refresh()->closed_at)->toBeNull();

        $this->put("/meetings/{$this->meeting->id}/closing", ['isClosing' => true])->assertSessionHasNoErrors();
        $this->actingAs($this->elif);
        expect($here(0)->json('isClosing'))->toBeTrue();
        $this->actingAs($this->noor);
        ($this->close)()->assertSessionHasNoErrors();
    });

    it('does not wait for a page that was left or is gone', function (bool $leaves): void {
        $this->actingAs($this->elif);
        $this->putJson("/meetings/{$this->meeting->id}/presence", ['browser' => $this->key, 'unsent' => 1]);

        if ($leaves) {
            $this->putJson("/meetings/{$this->meeting->id}/presence", ['browser' => $this->key, 'unsent' => 1, 'leaves' => true]);
        } else {
            Carbon::setTestNow(Carbon::now()->addSeconds(20));
        }

        $this->actingAs($this->noor);
        ($this->close)()->assertSessionHasNoErrors();
    })->with(['left' => true, 'gone' => false]);

    it('can be told not to wait: what arrives later is added with its date and name', function (): void {
        $this->actingAs($this->elif);
        ($this->write)('Half a me', version: 1);
        $this->putJson("/meetings/{$this->meeting->id}/presence", ['browser' => $this->key, 'unsent' => 1]);
        $this->actingAs($this->noor);
        ($this->close)(['waits' => false])->assertSessionHasNoErrors();
        $sealed = FinalMinutes::query()->sole()->text;

        $this->actingAs($this->elif);
        ($this->write)('Half a metre at low water', version: 2)->assertSessionHasNoErrors();
        ($this->write)('Half a metre at low water', version: 2)->assertSessionHasNoErrors();
        ($this->write)('Quite new', Str::uuid()->toString())->assertSessionHasNoErrors();
        ($this->write)('   ', Str::uuid()->toString())->assertSessionHasNoErrors();

        $page = $this->props("/meetings/{$this->meeting->id}")['page'];
        expect(array_map(static fn(array $each): array => [$each['who'], $each['item'], $each['words']], $page['additions']))
            ->toBe([['Elif Demir', 'Berth 7', 'Half a metre at low water'], ['Elif Demir', 'Berth 7', 'Quite new']])
            ->and(FinalMinutes::query()->sole()->text)
            ->toBe($sealed)
            ->and(($this->lines)())
            ->toBe(['Half a me']);
    });

    it('keeps every text that arrives late, of the same line too', function (): void {
        ($this->close)();
        ($this->write)('First', version: 1);
        ($this->write)('First and more', version: 2);
        ($this->write)('First and more', version: 2);
        expect(Addition::query()->orderBy('id')->pluck('words')->all())->toBe(['First', 'First and more']);
    });
});

describe('final minutes', function (): void {
    it('say what was said, whatever becomes of it later', function (): void {
        ($this->write)('Half a metre.');
        $this->post("/agenda-items/{$this->item->id}/decisions", ['words' => 'Berth 9', 'because' => 'Deeper']);
        $this->post("/agenda-items/{$this->item->id}/next-steps", [
            'title' => 'Tell the office',
            'owner' => $this->elif->id,
            'by' => '2027-02-15',
        ]);
        ($this->close)(['summary' => 'We move.'])->assertSessionHasNoErrors();
        $before = $this->props("/meetings/{$this->meeting->id}")['page']['minutes'];

        $task = Task::query()->sole();
        $this->actingAs($this->elif)->put("/tasks/$task->id", ['title' => 'Something else', 'due_on' => '2027-03-01']);
        $this->elif->update(['name' => 'Elif Kaya']);
        $this->series->update(['title' => 'Renamed']);

        expect($this->props("/meetings/{$this->meeting->id}")['page']['minutes'])
            ->toBe($before)
            ->and($before['items'][0]['nextSteps'][0])
            ->toMatchArray(['what' => 'Tell the office', 'who' => 'Elif Demir', 'by' => '2027-02-15']);
    });

    it('are out of reach of undo, and take corrections with date and name', function (): void {
        ($this->write)('Forty.');
        ($this->close)();
        $text = FinalMinutes::query()->sole()->text;
        $this->post('/undo')->assertSessionHasErrors('undo');
        $this->post("/meetings/{$this->meeting->id}/additions", ['words' => 'It was fifty.'])->assertSessionHasNoErrors();
        $this->post("/meetings/{$this->meeting->id}/additions", ['words' => ''])->assertSessionHasErrors('words');
        $this->post('/undo');

        expect(Addition::query()->sole()->words)
            ->toBe('It was fifty.')
            ->and(FinalMinutes::query()->sole()->text)
            ->toBe($text)
            ->and($this->meeting->refresh()->closed_at)
            ->not->toBeNull();
    });

    it('take no correction while the meeting runs', function (): void {
        $this->post("/meetings/{$this->meeting->id}/additions", ['words' => 'x'])->assertSessionHasErrors('words');
        expect(Addition::query()->count())->toBe(0);
    });

    it('are refused by the records themselves when something would change them', function (): void {
        ($this->close)();
        expect(
            fn() => FinalMinutes::query()
                ->sole()
                ->update(['text' => 'x']),
        )
            ->toThrow(LogicException::class)
            ->and(fn() => FinalMinutes::query()->sole()->delete())
            ->toThrow(LogicException::class);
    });

    it('are verified by a command, which tells when a letter differs', function (): void {
        ($this->close)();
        $this->artisan('minutes:verify')->assertSuccessful();
        expect($this->props("/meetings/{$this->meeting->id}")['page']['isIntact'])->toBeTrue();

        DB::table('final_minutes')->update(['text' => DB::raw("replace(text, 'Berth 7', 'Berth 8')")]);
        $this->artisan('minutes:verify')->assertFailed();
        expect($this->props("/meetings/{$this->meeting->id}")['page']['isIntact'])->toBeFalse();
    });

    it('are written for meetings that were closed before minutes were kept, once, as a day begins', function (): void {
        ($this->close)();
        $text = FinalMinutes::query()->sole()->text;
        DB::table('final_minutes')->delete();
        Made::later('2027-02-11');
        $this->get('/meetings')->assertOk();
        $this->get('/meetings')->assertOk();
        expect(FinalMinutes::query()->sole()->text)->toBe($text);
    });
});
