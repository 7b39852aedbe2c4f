<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('patterns', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200)->unique();
            $table->text('outcome')->nullable();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->enum('weighing', ['count', 'effort'])->default('count');
            $table->enum('order', ['sequential', 'parallel'])->default('parallel');
            // Days from the start to the due date.
            $table->rawColumn('days', 'integer check (days >= 0)')->nullable();
            $table->timestamps();
        });

        Schema::create('pattern_stages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pattern_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name', 60);
            $table->timestamps();
            $table->unique(['pattern_id', 'name']);
        });

        Schema::create('pattern_tasks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pattern_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pattern_stage_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->string('role', 60)->nullable();
            $table->rawColumn('day', 'integer check (day >= 0)')->nullable();
            $table->rawColumn('minutes', 'integer check (minutes > 0)')->nullable();
            $table->timestamps();
            $table->index(['pattern_id', 'position']);
        });

        // A step with the page that says how it is done.
        Schema::create('pattern_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pattern_task_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->text('how_to')->nullable();
            $table->timestamps();
            $table->index(['pattern_task_id', 'position']);
        });

        Schema::table('projects', static function (Blueprint $table): void {
            $table->rawColumn('pattern_id', 'integer references patterns (id) on delete set null')->nullable();
            // The pattern as it was when the project last took it, and who does what.
            $table->text('pattern_taken')->nullable();
            $table->text('pattern_roles')->nullable();
            $table->index('pattern_id');
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // Kept when the pattern no longer has it: what was made from it can still be found.
            $table->unsignedBigInteger('pattern_task_id')->nullable();
            $table->index(['project_id', 'pattern_task_id']);
        });
        Schema::table('steps', static function (Blueprint $table): void {
            $table->rawColumn('pattern_step_id', 'integer references pattern_steps (id) on delete set null')->nullable();
        });
    }
};
