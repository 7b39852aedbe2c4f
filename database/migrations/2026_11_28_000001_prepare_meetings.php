<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is settled before a meeting: its zone, its rule until it changes, its groups, the order of its agenda, comments on its issues. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('series', static function (Blueprint $table): void {
            // Null for the workspace's own.
            $table->string('timezone', 40)->nullable();
        });

        // The rule that a series had until the day on which another one began.
        Schema::create('former_rules', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->date('until');
            $table->string('rule', 200);
            $table->date('starts_on');
            $table->string('time', 5);
            $table->unsignedSmallInteger('minutes');
            $table->timestamps();
            $table->unique(['series_id', 'until']);
        });

        // Whoever joins one of these groups attends, whoever leaves it does not.
        Schema::create('attending_groups', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->foreignId('group_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['series_id', 'group_id']);
            $table->index('group_id');
        });
        Schema::table('attendees', static function (Blueprint $table): void {
            $table->boolean('is_by_group')->default(false);
        });

        Schema::table('issues', static function (Blueprint $table): void {
            // Its place on the agenda of the next meeting, where somebody gave it one.
            $table->unsignedSmallInteger('place')->nullable();
        });

        // Who was there is one list, with the guests in it.
        Schema::table('attendances', static function (Blueprint $table): void {
            $table->unsignedBigInteger('person_id')->nullable()->change();
            $table->string('guest', 200)->nullable();
        });

        foreach (
            DB::table('meetings')
                ->whereNotNull('guests')
                ->get(['id', 'guests']) as $meeting
        ) {
            foreach ((array) json_decode((string) $meeting->guests, true) as $guest) {
                DB::table('attendances')->insert([
                    'meeting_id' => $meeting->id,
                    'guest' => $guest,
                    'was_there' => true,
                    'created_at' => now(),
                    'updated_at' => now(),
                ]);
            }
        }

        Schema::table('meetings', static function (Blueprint $table): void {
            $table->dropColumn('guests');
        });

        // What came in for a meeting, in a tray of its own.
        Schema::table('jots', static function (Blueprint $table): void {
            $table->rawColumn('series_id', 'integer references series (id) on delete cascade')->nullable();
            $table->index('series_id');
        });

        foreach (['comments', 'notifications'] as $name) {
            $this->letBelongToIssues($name);
        }
    }

    /** Exactly one of what it can belong to, as before, with issues among them. */
    private function letBelongToIssues(string $name): void
    {
        if (DB::getDriverName() === 'pgsql') {
            $checks = DB::select("select conname from pg_constraint where conrelid = '$name'::regclass and contype = 'c'");

            foreach ($checks as $check) {
                DB::statement("alter table $name drop constraint ".$check->conname);
            }
        }

        // On SQLite a column that is changed loses its check.
        Schema::table($name, static fn(Blueprint $table) => $table->unsignedBigInteger('project_id')->nullable()->change());
        $parts = array_map(static fn(string $column): string => "case when $column is null then 0 else 1 end", [
            'goal_id',
            'task_id',
            'project_id',
            'issue_id',
        ]);
        Schema::table($name, static function (Blueprint $table) use ($parts): void {
            $belongs = implode(' + ', $parts);
            $table->rawColumn('issue_id', "integer references issues (id) on delete cascade check (1 = $belongs)")->nullable();
            $table->index('issue_id');
        });
    }
};
