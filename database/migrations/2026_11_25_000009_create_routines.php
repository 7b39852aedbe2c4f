<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('routines', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200);
            // A task that comes back, a line of the daily checklist, a checklist to use again, or pieces of a steady output.
            $table->enum('kind', ['task', 'daily', 'checklist', 'pieces'])->default('task');
            $table->boolean('is_stock')->default(false);
            $table->foreignId('stock_id')->nullable()->constrained('routines')->nullOnDelete();
            $table->foreignId('owner_id')->constrained('people')->restrictOnDelete();
            $table->enum('visibility', ['everyone', 'only_me'])->default('everyone');
            // The rhythm as it was said, and what it means: an RRULE, or so long after it was last done; neither when it is done as needed.
            $table->string('words', 120);
            $table->string('rule', 200)->nullable();
            $table->rawColumn('after_every', 'integer check (after_every > 0)')->nullable();
            $table
                ->rawColumn(
                    'after_unit',
                    "varchar(5) check (after_unit is null or after_unit in ('day', 'week', 'month', 'year') "
                        .'and after_every is not null and rule is null)',
                )
                ->nullable();
            $table->date('starts_on');
            $table->date('ended_on')->nullable();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->rawColumn('minutes', 'integer check (minutes > 0)')->nullable();
            $table->rawColumn('per_quarter', 'integer check (per_quarter > 0)')->nullable();
            $table->text('notes')->nullable();
            $table->timestamps();
            $table->index(['owner_id', 'kind']);
            $table->index('project_id');
            $table->index('area_id');
        });

        Schema::create('routine_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('routine_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->date('ticked_on')->nullable();
            $table->timestamps();
            $table->index(['routine_id', 'position']);
        });

        Schema::create('routine_servings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('routine_id')->constrained()->cascadeOnDelete();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->rawColumn('weight', 'numeric default 1 check (weight > 0)');
            $table->timestamps();
            $table->unique(['routine_id', 'goal_id']);
            $table->index('goal_id');
        });

        // What became of each time it was due. What is open is a task.
        Schema::create('occurrences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('routine_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->enum('state', ['done', 'skipped', 'missed']);
            $table->timestamps();
            $table->unique(['routine_id', 'on']);
        });

        Schema::table('tasks', static function (Blueprint $table): void {
            $table->rawColumn('routine_id', 'integer references routines (id) on delete set null')->nullable();
            $table->date('occurs_on')->nullable();
            $table->index(['routine_id', 'done_on']);
        });
    }
};
