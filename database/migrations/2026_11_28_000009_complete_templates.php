<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A template holds all that a project's plan does: what comes after what, milestones, and which stage means done. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('templates', static function (Blueprint $table): void {
            $table->boolean('last_is_done')->default(false);
        });

        Schema::create('template_dependencies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_task_id')->constrained()->cascadeOnDelete();
            $table
                ->rawColumn('after_id', 'integer references template_tasks (id) on delete cascade check (after_id <> template_task_id)');
            $table->timestamps();
            $table->unique(['template_task_id', 'after_id']);
            $table->index('after_id');
        });

        Schema::create('template_milestones', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->string('title', 200);
            // Days after the start by which it is to be reached.
            $table->rawColumn('day', 'integer check (day >= 0)');
            $table->timestamps();
            $table->index(['template_id', 'day']);
        });

        Schema::table('projects', static function (Blueprint $table): void {
            // What its people left of the changes of its template, as the template was then: it is not asked about again.
            $table->text('template_left')->nullable();
        });
    }
};
