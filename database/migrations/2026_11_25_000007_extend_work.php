<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('projects', static function (Blueprint $table): void {
            // Whether the last stage holds what is done: moving a task there ticks it.
            $table->boolean('last_is_done')->default(false);
            $table->rawColumn('rank', "varchar(1) check (rank in ('A', 'B', 'C'))")->nullable();
            $table->rawColumn('attention', "varchar(6) check (attention in ('full', 'normal', 'little'))")->nullable();
            $table->text('notes')->nullable();
        });

        // A foreign key added on its own would make SQLite build the table anew, without its checks.
        Schema::table('tasks', static function (Blueprint $table): void {
            // Where it stood before it was ticked.
            $table->rawColumn('stage_before_id', 'integer references stages (id) on delete set null')->nullable();
            $table->date('under_way_since')->nullable();
            $table->rawColumn('look_over_by_id', 'integer references people (id) on delete set null')->nullable();
            $table->rawColumn('waiting_person_id', 'integer references people (id) on delete set null')->nullable();
            $table->rawColumn('waiting_contact_id', 'integer references contacts (id) on delete set null')->nullable();
            $table->date('ask_again_on')->nullable();
            $table->index('look_over_by_id');
        });

        // What is said and kept belongs to a goal, a task or a project.
        Schema::table('comments', static fn(Blueprint $table) => $table->unsignedBigInteger('goal_id')->nullable()->change());
        Schema::table('tellings', static fn(Blueprint $table) => $table->unsignedBigInteger('goal_id')->nullable()->change());

        foreach (['comments', 'tellings'] as $name) {
            Schema::table($name, static function (Blueprint $table) use ($name): void {
                $table->rawColumn('task_id', 'integer references tasks (id) on delete cascade')->nullable();
                $table
                    ->rawColumn(
                        'project_id',
                        'integer references projects (id) on delete cascade check (1 = case when goal_id is null then 0 else 1 end '
                            .'+ case when task_id is null then 0 else 1 end + case when project_id is null then 0 else 1 end)',
                    )
                    ->nullable();
                $table->index('task_id', "{$name}_task_id_index");
                $table->index('project_id', "{$name}_project_id_index");
            });
        }

        $of = static function (Blueprint $table): void {
            $table->foreignId('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table
                ->rawColumn(
                    'project_id',
                    'integer references projects (id) on delete cascade check ((task_id is null) <> (project_id is null))',
                )
                ->nullable();
            $table->index('task_id');
            $table->index('project_id');
        };

        Schema::create('helpings', static function (Blueprint $table) use ($of): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $of($table);
            $table->timestamps();
            $table->unique(['person_id', 'task_id']);
            $table->unique(['person_id', 'project_id']);
        });

        Schema::create('files', static function (Blueprint $table) use ($of): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $of($table);
            $table->string('name', 200);
            $table->string('type', 120);
            $table->unsignedInteger('bytes');
            // Where it lies in the store; never made from the name that it came with.
            $table->string('path', 120)->unique();
            $table->timestamps();
        });

        Schema::create('references', static function (Blueprint $table) use ($of): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $of($table);
            $table->string('title', 200);
            $table->string('address', 2000);
            $table->timestamps();
        });
    }
};
