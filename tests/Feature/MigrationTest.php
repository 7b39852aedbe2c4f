<?php

declare(strict_types=1);

use App\Models\Dependency;
use App\Models\RecurringTask;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Older;

it('keeps what is stored and logged when tables and columns take other names', function (): void {
    Older::upTo('2026_11_27_000005');
    $old = DB::connection('older');
    $time = ['created_at' => now(), 'updated_at' => now()];
    $person = Older::somebody($old, $time);
    $circle = $old->table('circles')->insertGetId(['name' => 'Crew', ...$time]);
    $old->table('memberships')->insert(['circle_id' => $circle, 'person_id' => $person, ...$time]);
    $routine = $old->table('routines')->insertGetId([
        'title' => 'Rinse the tank',
        'kind' => 'task',
        'owner_id' => $person,
        'words' => 'every week',
        'rule' => 'FREQ=WEEKLY',
        'starts_on' => '2027-01-04',
        ...$time,
    ]);
    $task = $old->table('tasks')->insertGetId([
        'title' => 'Rinse the tank',
        'owner_id' => $person,
        'routine_id' => $routine,
        'created_on' => '2027-01-04',
        'changed_on' => '2027-01-04',
        'position' => 1,
        ...$time,
    ]);
    $old->table('activity_log')->insert([
        'description' => 'Added “Rinse the tank”',
        'subject_type' => 'App\\Models\\Routine',
        'subject_id' => $routine,
        'event' => 'created',
        'properties' => json_encode(['now' => ['title' => 'Rinse the tank', 'routine_id' => 7], 'before' => ['pattern_id' => null]]),
        ...$time,
    ]);

    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);

    expect($old->table('groups')->find($circle)->name)
        ->toBe('Crew')
        ->and($old->table('memberships')->value('group_id'))
        ->toBe($circle)
        ->and($old->table('recurring_tasks')->find($routine)->title)
        ->toBe('Rinse the tank')
        ->and($old->table('tasks')->find($task)->recurring_task_id)
        ->toBe($routine);
    $logged = $old->table('activity_log')->first();
    expect($logged->subject_type)
        ->toBe(RecurringTask::class)
        ->and(json_decode($logged->properties, true))
        ->toBe(['now' => ['title' => 'Rinse the tank', 'recurring_task_id' => 7], 'before' => ['template_id' => null]]);
});

it('ends with the same tables, columns and references whether it began empty or with data', function (): void {
    Older::upTo('2026_11_27_000005');
    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $shape = static fn(string $connection): array => array_map(
        static fn(string $table): array => [
            Schema::connection($connection)->getColumnListing($table),
            array_column(Schema::connection($connection)->getForeignKeys($table), 'foreign_table'),
        ],
        array_combine(
            Schema::connection($connection)->getTableListing(schemaQualified: false),
            Schema::connection($connection)->getTableListing(schemaQualified: false),
        ),
    );

    expect($shape('older'))
        ->toEqual($shape('sqlite'))
        ->and(json_encode($shape('older')))
        ->not->toMatch(
            '/circle|outlook|pattern|routine|admission|gathering|(?<!worth_)telling|wish|precedence|serving|stock|attention|_again_|aside/',
        );
})->skip(fn(): bool => DB::getDriverName() !== 'sqlite', 'SQLite only');

it('keeps the charter and what issues should end in', function (): void {
    Older::upTo('2026_11_27_000006');
    $old = DB::connection('older');
    $time = ['created_at' => now(), 'updated_at' => now()];
    $person = Older::somebody($old, $time);
    $project = $old->table('projects')->insertGetId([
        'title' => 'Moorings',
        'owner_id' => $person,
        'state' => 'active',
        'state_on' => '2027-01-04',
        'created_on' => '2027-01-04',
        'reason' => 'It is cold.',
        'limits' => 'Two boats',
        'approach' => 'By ferry.',
        'notes' => 'Ring first.',
        ...$time,
    ]);
    $series = $old->table('series')->insertGetId([
        'title' => 'Quay hour',
        'rule' => 'FREQ=WEEKLY',
        'starts_on' => '2027-01-06',
        'time' => '08:40',
        'minutes' => 30,
        ...$time,
    ]);
    $issue = $old->table('issues')->insertGetId([
        'series_id' => $series,
        'title' => 'Ice',
        'need' => 'input',
        'raised_by' => $person,
        'raised_on' => '2027-01-05',
        ...$time,
    ]);
    $old->table('activity_log')->insert([
        'description' => 'Changed the charter of “Moorings”',
        'subject_type' => 'App\\Models\\Project',
        'subject_id' => $project,
        'event' => 'updated',
        'properties' => json_encode(['now' => ['reason' => 'It is cold.', 'approach' => 'By ferry.'], 'before' => ['reason' => null]]),
        ...$time,
    ]);

    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $charter = $old->table('projects')->find($project);

    expect([$charter->why, $charter->constraints, $charter->risks, $charter->notes])
        ->toBe(['It is cold.', 'Two boats', null, "Ring first.\n\n**Approach**\n\nBy ferry."])
        ->and($old->table('issues')->find($issue)->need)
        ->toBe('answer')
        ->and(json_decode($old->table('activity_log')->value('properties'), true))
        ->toBe(['now' => ['why' => 'It is cold.'], 'before' => ['why' => null]]);
});

it('brings what carried a quarter to its goals', function (): void {
    Older::upTo('2026_11_27_000008');
    $old = DB::connection('older');
    $time = ['created_at' => '2027-01-04 08:00:00', 'updated_at' => '2027-01-04 08:00:00'];
    $person = Older::somebody($old, $time);
    $goal = fn(string $title, bool $isMain): int => $old->table('goals')->insertGetId([
        'title' => $title,
        'scope' => 'company',
        'horizon' => 'quarter',
        'period' => '2027-Q1',
        'starts_on' => '2027-01-01',
        'ends_on' => '2027-03-31',
        'anchor_on' => '2027-01-01',
        'owner_id' => $person,
        'measure' => 'work',
        'is_main' => $isMain,
        'created_on' => '2027-01-04',
        ...$time,
    ]);
    $goal('Another', false);
    $main = $goal('Nine harbours', true);
    $resolve = fn(string $kind, string $title, array $more = []): int => $old->table('resolves')->insertGetId([
        'stretch' => '2027-Q1',
        'starts_on' => '2027-01-01',
        'ends_on' => '2027-03-31',
        'kind' => $kind,
        'title' => $title,
        'owner_id' => $person,
        ...$time,
        ...$more,
    ]);
    $driver = $resolve('driver', 'Every tide');
    $resolve('trial', 'Two coasts', ['learned' => 'Load before.', 'ended_on' => '2027-03-01']);
    $resolve('skill', 'Splice a line');
    $resolve('give_up', 'Fairs');
    $resolve('driver', 'Far away', ['stretch' => '2029-Q1', 'starts_on' => '2029-01-01', 'ends_on' => '2029-03-31']);
    $task = $old->table('tasks')->insertGetId([
        'title' => 'Moor',
        'owner_id' => $person,
        'driver_id' => $driver,
        'created_on' => '2027-01-04',
        'changed_on' => '2027-01-04',
        'position' => 1,
        ...$time,
    ]);

    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $effort = $old->table('main_efforts')->first();

    expect([$effort->title, $effort->goal_id, $effort->person_id])
        ->toBe(['Every tide', $main, $person])
        ->and($old->table('tasks')->find($task)->main_effort_id)
        ->toBe($effort->id)
        ->and((array) $old->table('assumptions')->first())
        ->toMatchArray([
            'title' => 'Two coasts',
            'goal_id' => $main,
            'test_on' => '2027-03-31',
            'seen' => 'Load before.',
            'seen_on' => '2027-03-01',
        ])
        ->and($old->table('trade_offs')->value('title'))
        ->toBe('Fairs')
        ->and($old->table('goals')->where('measure', 'yes_no')->orderBy('id')->pluck('period', 'title')->all())
        ->toBe(['Splice a line' => '2027-Q1', 'Far away' => '2029-Q1'])
        ->and(Schema::connection('older')->hasTable('resolves'))
        ->toBeFalse();
});

it('keeps dependencies, checks, notifications and saved lists under their new names', function (): void {
    Older::upTo('2026_11_27_000010');
    $old = DB::connection('older');
    $time = ['created_at' => '2027-01-04 08:00:00', 'updated_at' => '2027-01-04 08:00:00'];
    $person = Older::somebody($old, [...$time, 'set_aside_on' => '2027-02-01']);
    $task = fn(string $title, array $more = []): int => $old->table('tasks')->insertGetId([
        'title' => $title,
        'owner_id' => $person,
        'created_on' => '2027-01-04',
        'changed_on' => '2027-01-04',
        'position' => 1,
        ...$time,
        ...$more,
    ]);
    $first = $task('Order shackles');
    $second = $task('Moor the buoy', [
        'attention' => 'full',
        'look_over_by_id' => $person,
        'under_way_since' => '2027-01-05',
        'look_again_on' => '2027-03-01',
        'ask_again_on' => '2027-01-09',
    ]);
    $old->table('precedences')->insert(['task_id' => $second, 'after_id' => $first, ...$time]);
    $choice = $old->table('notification_choices')->insertGetId([
        'person_id' => $person,
        'event' => 'look_over',
        'reach' => 'morning',
        ...$time,
    ]);
    $list = $old->table('saved_lists')->insertGetId([
        'owner_id' => $person,
        'title' => 'Quiet work',
        'group' => 'attention',
        'conditions' => json_encode([
            ['field' => 'attention', 'value' => 'full'],
            ['field' => 'state', 'value' => 'look_over'],
            ['field' => 'words', 'value' => 'under_way'],
        ]),
        ...$time,
    ]);
    $old->table('activity_log')->insert([
        'description' => 'Changed “Moor the buoy”',
        'subject_type' => 'App\\Models\\Precedence',
        'subject_id' => 1,
        'event' => 'updated',
        'properties' => json_encode(['now' => ['attention' => 'full', 'title' => 'Moor'], 'before' => ['look_over_by_id' => null]]),
        ...$time,
    ]);

    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);

    expect((array) $old->table('tasks')->find($second))
        ->toMatchArray([
            'focus' => 'full',
            'checked_by_id' => $person,
            'in_progress_since' => '2027-01-05',
            'return_on' => '2027-03-01',
            'follow_up_on' => '2027-01-09',
        ])
        ->and((array) $old->table('dependencies')->first())
        ->toMatchArray(['task_id' => $second, 'after_id' => $first])
        ->and($old->table('people')->find($person)->deactivated_on)
        ->toBe('2027-02-01')
        ->and((array) $old->table('notification_choices')->find($choice))
        ->toMatchArray(['event' => 'to_check', 'delivery' => 'morning'])
        ->and($old->table('saved_lists')->find($list)->group)
        ->toBe('focus')
        ->and(json_decode($old->table('saved_lists')->find($list)->conditions, true))
        ->toBe([
            ['field' => 'focus', 'value' => 'full'],
            ['field' => 'state', 'value' => 'to_check'],
            ['field' => 'words', 'value' => 'under_way'],
        ])
        ->and($old->table('activity_log')->value('subject_type'))
        ->toBe(Dependency::class)
        ->and(json_decode($old->table('activity_log')->value('properties'), true))
        ->toBe(['now' => ['focus' => 'full', 'title' => 'Moor'], 'before' => ['checked_by_id' => null]]);
});

it('makes the opening round of a recurring meeting a setting of its own', function (): void {
    Older::upTo('2026_11_27_000011');
    $old = DB::connection('older');
    $time = ['created_at' => now(), 'updated_at' => now()];
    $series = fn(string $title): int => $old->table('series')->insertGetId([
        'title' => $title,
        'rule' => 'FREQ=WEEKLY',
        'starts_on' => '2027-01-06',
        'time' => '08:40',
        'minutes' => 30,
        ...$time,
    ]);
    [$quay, $product] = [$series('Quay hour'), $series('Product')];

    foreach ([[$quay, 'Opening Round', 4], [$quay, 'Harbours', 8], [$product, 'Bench', 8]] as $position => [$of, $title, $minutes]) {
        $old->table('standing_items')->insert([
            'series_id' => $of,
            'title' => $title,
            'minutes' => $minutes,
            'position' => $position,
            ...$time,
        ]);
    }

    $meeting = $old
        ->table('meetings')
        ->insertGetId(['series_id' => $quay, 'on' => '2027-01-06', 'time' => '08:40', 'minutes' => 30, 'opened_at' => now(), ...$time]);
    $item = $old->table('agenda_items')->insertGetId([
        'meeting_id' => $meeting,
        'kind' => 'issue',
        'position' => 0,
        'title' => 'Ice',
        'minutes' => 5,
        ...$time,
    ]);

    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);

    expect($old->table('series')->orderBy('id')->pluck('opening_minutes', 'title')->all())
        ->toBe(['Quay hour' => 4, 'Product' => 0])
        ->and($old->table('standing_items')->orderBy('id')->pluck('title')->all())
        ->toBe(['Harbours', 'Bench'])
        ->and($old->table('agenda_items')->find($item)->kind)
        ->toBe('issue');
});

it('makes of a reminder something that comes back to the tray', function (): void {
    Older::upTo('2026_11_27_000016');
    $old = DB::connection('older');
    $time = ['created_at' => '2027-02-01 08:00:00', 'updated_at' => '2027-02-01 08:00:00'];
    $person = Older::somebody($old, $time);
    $reminder = ['person_id' => $person, 'kind' => 'ask', ...$time];
    $old->table('reminders')->insert([...$reminder, 'words' => 'Renew the lease?', 'on' => '2027-03-01', 'at' => '09:30']);
    $old->table('reminders')->insert([...$reminder, 'words' => 'Seen', 'on' => '2027-02-02', 'settled_on' => '2027-02-03']);
    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $returning = $old->table('jots')->whereNull('sorted_on')->get();

    expect($returning)
        ->toHaveCount(1)
        ->and((array) $returning[0])
        ->toMatchArray([
            'words' => 'Renew the lease?',
            'shelved_on' => '2027-02-01',
            'return_on' => '2027-03-01',
            'return_at' => '09:30',
        ])
        ->and($old->table('jots')->where('sorted_on', '2027-02-03')->value('words'))
        ->toBe('Seen')
        ->and(Schema::connection('older')->hasTable('reminders'))
        ->toBeFalse();
});

it('says of weeks that were kept before more was worked out what is not known of them', function (): void {
    Older::upTo('2026_11_28_000007');
    $old = DB::connection('older');
    $time = ['created_at' => now(), 'updated_at' => now()];
    $keep = fn(string $period, ?array $facts): int => $old->table('reviews')->insertGetId([
        'person_id' => $old->table('people')->value('id') ?? Older::somebody($old, $time),
        'period' => $period,
        'held_at' => $facts === null ? null : now(),
        'facts' => $facts === null ? null : json_encode($facts),
        ...$time,
    ]);
    $week = $keep('2027-W04', ['minutes' => 90, 'findings' => [['on' => '2027-01-26', 'words' => 'Chain rusts.']]]);
    $keep('2027-W05', null);
    $month = $keep('2027-01', ['minutes' => 900]);
    Artisan::call('migrate', ['--database' => 'older', '--force' => true]);
    $facts = fn(int $id): array => json_decode((string) $old->table('reviews')->where('id', $id)->value('facts'), true);

    expect($facts($week))
        ->toMatchArray(['minutes' => 90, 'nextSteps' => null, 'findings' => [['on' => '2027-01-26', 'words' => 'Chain rusts.']]])
        ->and($facts($month))
        ->toBe(['minutes' => 900]);
});
