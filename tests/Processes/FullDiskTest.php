<?php

declare(strict_types=1);

use App\Http\Problems;
use App\Models\Role;
use App\Models\Task;
use Tests\Feature\Made;
use Tests\Processes\Apart;

it('shows what is there on a disk that takes no more, and says in a sentence that nothing was saved', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        Made::task($lead);
        // Templates are compiled when a page is first shown, or as it is deployed.
        $this->actingAs($lead)->get('/lists')->assertOk();
        [$read, $written, $readAgain] = $apart->onFullDisk([
            ['as' => $lead->id, 'method' => 'GET', 'uri' => '/lists'],
            ['as' => $lead->id, 'method' => 'POST', 'uri' => '/jots', 'data' => ['words' => 'Ring the mill']],
            ['as' => $lead->id, 'method' => 'GET', 'uri' => '/tray'],
        ]);

        expect([$read['status'], $readAgain['status']])
            ->toBe([200, 200])
            ->and($written['status'])
            ->toBe(503)
            ->and(json_decode($written['body'], true))
            ->toBe(['message' => Problems::NOTHING_SAVED])
            ->and(Task::query()->count())
            ->toBe(1)
            ->and(DB::table('jots')->count())
            ->toBe(0);
    });
});
