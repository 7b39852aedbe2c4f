<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Visibility;
use Loftrin\Core\Goals\MeasureKind;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    Made::later('2027-08-10');
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->noor);
    $this->year = Made::goal($this->noor, '2027', ['title' => 'A team of its own']);
    $this->below = fn(string $title, string $period, array $more = []) => Made::goal($this->mei, $period, [
        'title' => $title,
        'parent_id' => $this->year->id,
        ...$more,
    ]);
    $this->lag = fn(): ?string => $this->props("/goals/{$this->year->id}")['page']['lag'];
});

it('says beside “none behind” why a year goal is, on its page and in the drawing of the year', function (): void {
    ($this->below)('Roles written down', '2027-Q1', [
        'closed_on' => '2027-03-31',
        'result' => 'in_part',
        'score' => 0.5,
    ]);
    ($this->below)('One week away', '2027-Q3', ['measure' => MeasureKind::YesNo]);
    ($this->below)('Two weeks away', '2027-Q4', ['measure' => MeasureKind::YesNo]);
    $words =
        'None of its parts is behind, but “Roles written down” was closed below 100%; '.
        '“One week away” and “Two weeks away” count nothing before they are met.';
    $year = $this->props('/year/2027')['page'];

    expect(($this->lag)())->toBe($words)->and($year['slackest']['title'])->toBe('A team of its own')->and($year['lag'])->toBe($words);
});

it('names the parts that are behind, but not to those who may not see them', function (): void {
    ($this->below)('Survey of berths', '2027-Q3', [
        'measure' => MeasureKind::Number,
        'start_value' => 0,
        'target_value' => 40,
        'visibility' => Visibility::OnlyMe,
        'counts_unnamed' => true,
    ])
        ->readings()
        ->create(['on' => '2027-07-02', 'value' => 1, 'entered_by' => $this->mei->id]);

    expect(($this->lag)())->toBe('Behind in it: a part not visible to you.');
    $this->actingAs($this->mei);
    expect(($this->lag)())->toBe('Behind in it: “Survey of berths”.');
});

it('says of a goal with readings of its own that they decide it', function (): void {
    $goal = Made::goal($this->noor, '2027', ['measure' => MeasureKind::Number, 'start_value' => 0, 'target_value' => 40]);
    $goal->readings()->create(['on' => '2027-07-02', 'value' => 1, 'entered_by' => $this->noor->id]);
    ($this->below)('In time', '2027-Q3', ['measure' => MeasureKind::YesNo]);

    expect($this->props('/year/2027')['page']['lag'])->toBeString()
        ->and($this->props("/goals/$goal->id")['page']['lag'])
        ->toBe('Its own readings decide its figure; goals and projects below do not change it.');
});

it('has nothing to say of a goal that is on pace', function (): void {
    Made::later('2027-01-06');
    expect(($this->lag)())->toBeNull()->and($this->props('/year/2027')['page']['lag'])->toBeNull();
});

it('says why there is no forecast, where one looks for it', function (MeasureKind $measure, string $words): void {
    $goal = Made::goal($this->noor, '2027', [
        'measure' => $measure,
        ...$measure === MeasureKind::Keep ? ['limit_value' => 3, 'sense' => 'at_most'] : [],
    ]);

    expect($this->props("/goals/$goal->id")['page'])->toMatchArray(['forecast' => null, 'noForecast' => $words]);
})->with([
    [MeasureKind::Keep, 'No forecast: a limit is kept or not, from reading to reading.'],
    [MeasureKind::YesNo, 'No forecast: a yes or no does not move from week to week.'],
    [MeasureKind::Judged, 'No forecast: the goal is judged in words.'],
    [MeasureKind::Work, 'No forecast: not enough data yet. Three weeks with a figure at the start and at the end are needed.'],
]);
