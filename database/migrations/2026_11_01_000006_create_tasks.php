<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('tasks', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200);
            $table->text('notes')->nullable();
            $table->foreignId('project_id')->nullable()->constrained()->restrictOnDelete();
            $table
                ->rawColumn('goal_id', 'integer references goals (id) on delete restrict check (goal_id is null or project_id is null)')
                ->nullable();
            $table->foreignId('stage_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('position')->default(0);
            $table->foreignId('owner_id')->constrained('people')->restrictOnDelete();
            $table->enum('visibility', ['everyone', 'only_me'])->default('everyone');
            $table->date('created_on');
            $table->date('done_on')->nullable();
            $table->date('dropped_on')->nullable();
            $table->date('shelved_on')->nullable();
            $table->date('due_on')->nullable();
            // A day, week, month, quarter or year as in a plan file, and the days it spans.
            $table->string('planned', 10)->nullable();
            $table->date('planned_from')->nullable();
            $table
                ->rawColumn(
                    'planned_to',
                    'date check (planned is null and planned_from is null and planned_to is null or planned_from <= planned_to)',
                )
                ->nullable();
            // Ends crossed before it was last planned, plus times its due date was moved later.
            $table->unsignedSmallInteger('carried')->default(0);
            $table->string('waiting_on', 120)->nullable();
            $table->date('waiting_since')->nullable();
            $table->rawColumn('minutes', 'integer check (minutes > 0)')->nullable();
            $table->enum('rank', ['A', 'B', 'C'])->nullable();
            $table->foreignId('agenda_item_id')->nullable()->constrained()->nullOnDelete();
            $table->date('changed_on');
            $table->timestamps();

            $table->index(['project_id', 'position']);
            $table->index('goal_id');
            $table->index(['owner_id', 'done_on', 'planned_to']);
            $table->index('done_on');
            $table->index('planned_to');
            $table->index('due_on');
            $table->index('agenda_item_id');
        });

        Schema::create('steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->date('done_on')->nullable();
            $table->timestamps();
            $table->index(['task_id', 'position']);
        });

        Schema::create('precedences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->rawColumn('after_id', 'integer references tasks (id) on delete cascade check (after_id <> task_id)');
            $table->timestamps();
            $table->unique(['task_id', 'after_id']);
            $table->index('after_id');
        });
    }
};
