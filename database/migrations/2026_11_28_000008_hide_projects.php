<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A project is for everyone, for chosen groups and people, or for its owner alone, as a goal is. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('projects', static function (Blueprint $table): void {
            $table->rawColumn('visibility', "varchar(10) default 'everyone' check (visibility in ('everyone', 'chosen', 'only_me'))");
            // Its owner agrees that it counts in the figures of goals for those who may not see it.
            $table->boolean('counts_unnamed')->default(false);
            $table->index('visibility');
        });

        // Who, besides its owner, may see a goal or a project that is not for everyone.
        Schema::create('viewers', static function (Blueprint $table): void {
            $table->id();
            $table->rawColumn('goal_id', 'integer references goals (id) on delete cascade')->nullable();
            $table
                ->rawColumn(
                    'project_id',
                    'integer references projects (id) on delete cascade check ((project_id is null) <> (goal_id is null))',
                )
                ->nullable();
            $table->rawColumn('group_id', 'integer references groups (id) on delete restrict')->nullable();
            $table
                ->rawColumn(
                    'person_id',
                    'integer references people (id) on delete cascade check ((person_id is null) <> (group_id is null))',
                )
                ->nullable();
            $table->timestamps();
            $table->unique(['goal_id', 'group_id']);
            $table->unique(['goal_id', 'person_id']);
            $table->unique(['project_id', 'group_id']);
            $table->unique(['project_id', 'person_id']);
            $table->index('group_id');
            $table->index('person_id');
        });

        // With their ids: what was logged of them can still be undone.
        $columns = ['id', 'goal_id', 'group_id', 'person_id', 'created_at', 'updated_at'];
        DB::table('viewers')->insertUsing($columns, DB::table('goal_viewers')->select($columns));
        Schema::drop('goal_viewers');
        DB::table('activity_log')->where('subject_type', 'App\\Models\\GoalViewer')->update(['subject_type' => 'App\\Models\\Viewer']);

        if (DB::getDriverName() === 'pgsql') {
            DB::statement("select setval('viewers_id_seq', (select coalesce(max(id), 0) + 1 from viewers), false)");
        }
    }
};
