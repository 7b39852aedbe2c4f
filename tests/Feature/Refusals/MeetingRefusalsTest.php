<?php

declare(strict_types=1);

use App\Models\AgendaItem;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Role;
use App\Models\Series;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->series = Made::series([$this->noor, $this->mei]);
    $this->own = Made::goal($this->noor, '2027-Q1', ['visibility' => Visibility::OnlyMe]);
    $this->actingAs($this->mei);
    $this->fields = fn(array $more = []): array => [
        'title' => 'Product meeting',
        'rule' => 'FREQ=WEEKLY;BYDAY=TH',
        'startsOn' => '2027-02-11',
        'time' => '14:00',
        'minutes' => 30,
        'attendees' => [$this->noor->id, $this->mei->id],
        ...$more,
    ];
});

it('sets up no meeting that does not fit, that its maker would not see, or that looks at what is hidden', function (): void {
    $this->actingAs($this->noor);
    $refuse = fn(array $sent, array $errors) => $this->assertRefused('post', '/series', ($this->fields)($sent), $errors);
    $refuse(
        ['standing' => [['title' => 'One', 'minutes' => 20], ['title' => 'Two', 'minutes' => 15]]],
        [
            'standing' => 'The standing items take 35 min, which is longer than the meeting.',
        ],
    );
    $refuse(
        ['isPrivate' => true, 'attendees' => [$this->mei->id]],
        [
            'isPrivate' => 'You would not be able to see this meeting. Add yourself, or make it visible to everyone.',
        ],
    );
    $refuse(
        ['standing' => [['title' => 'One', 'minutes' => 20, 'goal' => $this->own->id]]],
        [
            'standing' => 'A standing item can only be linked to a goal visible to everyone.',
        ],
    );
    $refuse(
        ['rule' => 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'],
        [
            'rule' => 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30 cannot be used: there is no such day.',
        ],
    );
    expect(Series::query()->count())->toBe(1);
});

it('lets only a lead make a team’s meetings private', function (): void {
    $this->series->update(['owner_id' => $this->mei->id]);
    $sent = ($this->fields)(['isPrivate' => true]);
    $this->assertRefused('put', "/series/{$this->series->id}", $sent, [
        'isPrivate' => 'Only a lead can make a visible meeting private.',
    ]);
    $this->actingAs($this->noor)
        ->put("/series/{$this->series->id}", $sent)
        ->assertSessionHasNoErrors();
    expect($this->series->refresh()->is_private)->toBeTrue();
});

it('opens one meeting of a series at a time, and none twice', function (): void {
    $open = "/series/{$this->series->id}/open";
    $this->post($open, ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $this->assertRefused(
        'post',
        $open,
        ['on' => '2027-02-15', 'early' => true],
        [
            'meeting' => 'Another event of this meeting is still open. Close it first.',
        ],
    );
    $meeting = Meeting::query()->firstOrFail();
    $this->post("/meetings/$meeting->id/close")->assertSessionHasNoErrors();
    $this->assertRefused('post', $open, ['on' => '2027-02-08'], ['meeting' => 'This meeting has already been held.']);
    $this->assertRefused(
        'post',
        $open,
        ['on' => '2027-02-15'],
        ['early' => 'This meeting is not today. Open it early if it takes place now.'],
    );
});

it('ties issues only to what all may see', function (): void {
    $this->actingAs($this->noor);
    $this->assertRefused(
        'post',
        "/series/{$this->series->id}/issues",
        ['title' => 'Berth 7', 'goal' => $this->own->id],
        [
            'goal' => 'An issue can only be linked to a goal visible to everyone.',
        ],
    );
    expect(Issue::query()->count())->toBe(0);
});

it('writes nothing into minutes that are final', function (): void {
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Berth 7', 'minutes' => 5])->assertSessionHasNoErrors();
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $meeting = Meeting::query()->firstOrFail();
    $item = AgendaItem::query()->where('meeting_id', $meeting->id)->whereNotNull('issue_id')->firstOrFail();
    $closing = AgendaItem::query()->where('meeting_id', $meeting->id)->whereNull('issue_id')->first();

    if ($closing !== null) {
        $this->assertRefused(
            'put',
            "/agenda-items/$closing->id/outcome",
            ['outcome' => 'decided'],
            [
                'outcome' => 'Only an issue has an outcome.',
            ],
        );
    }

    $this->post("/meetings/$meeting->id/close")->assertSessionHasNoErrors();
    $final = ['meeting' => 'These minutes are final.'];
    $attendance = $meeting->attendances()->firstOrFail();
    $this->assertRefused('put', "/agenda-items/$item->id/extra", ['minutes' => 5], $final);
    $this->assertRefused('put', "/agenda-items/$item->id/place", ['before' => null], $final);
    $this->assertRefused('put', "/meetings/$meeting->id/pause", ['isPaused' => true], $final);
    $this->assertRefused('put', "/meetings/$meeting->id/closing", ['isClosing' => true], $final);
    $this->assertRefused('post', "/agenda-items/$item->id/decisions", ['words' => 'We move.'], $final);
    $this->assertRefused('post', "/agenda-items/$item->id/next-steps", ['title' => 'Move', 'owner' => $this->mei->id], $final);
    $this->assertRefused('put', "/agenda-items/$item->id/outcome", ['outcome' => 'decided'], $final);
    $this->assertRefused('post', "/agenda-items/$item->id/turn", [], $final);
    $this->assertRefused('put', "/attendances/$attendance->id", ['wasThere' => false], $final);
    $this->assertRefused('post', "/meetings/$meeting->id/close", [], $final);
});
