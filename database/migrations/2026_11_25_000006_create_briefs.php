<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Of the brief the deliverable is the outcome that is there already.
        Schema::table('projects', static function (Blueprint $table): void {
            $table->text('reason')->nullable();
            $table->text('limits')->nullable();
            $table->text('approach')->nullable();
            $table->string('status_line', 300)->nullable();
            $table->date('status_on')->nullable();
            $table->text('learned')->nullable();
        });

        Schema::create('milestones', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('title', 200);
            $table->date('on');
            $table->date('reached_on')->nullable();
            $table->timestamps();
            $table->index(['project_id', 'on']);
        });

        // First steps that are not tasks until they are promoted.
        Schema::create('plan_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('title', 200);
            $table->foreignId('task_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index('project_id');
        });
    }
};
