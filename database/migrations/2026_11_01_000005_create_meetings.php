<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('series', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 120);
            $table->string('purpose', 500)->nullable();
            $table->string('rule', 200);
            $table->date('starts_on');
            $table->string('time', 5);
            $table->rawColumn('minutes', 'integer check (minutes between 5 and 600)');
            $table->boolean('is_private')->default(false);
            $table->timestamps();
        });

        Schema::create('attendees', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->timestamps();
            $table->unique(['series_id', 'person_id']);
            $table->index('person_id');
        });

        Schema::create('standing_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->rawColumn('minutes', 'integer check (minutes between 1 and 600)');
            $table->foreignId('owner_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignId('goal_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index('series_id');
        });

        Schema::create('meetings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->restrictOnDelete();
            $table->date('on');
            $table->string('time', 5);
            $table->rawColumn('minutes', 'integer check (minutes between 5 and 600)');
            $table->foreignId('chair_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignId('minute_taker_id')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('opened_at');
            $table->dateTime('closed_at')->nullable();
            $table->text('summary')->nullable();
            $table->timestamps();
            $table->unique(['series_id', 'on']);
            $table->index('on');
        });

        Schema::create('attendances', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->boolean('was_there')->default(true);
            $table->timestamps();
            $table->unique(['meeting_id', 'person_id']);
        });

        Schema::create('issues', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->restrictOnDelete();
            $table->string('title', 200);
            $table->text('context')->nullable();
            $table->enum('need', ['decision', 'input', 'information', 'help'])->default('decision');
            $table->enum('rank', ['A', 'B', 'C'])->nullable();
            $table->rawColumn('minutes', 'integer check (minutes between 1 and 600)')->nullable();
            $table->foreignId('goal_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('raised_by')->constrained('people')->restrictOnDelete();
            $table->date('raised_on');
            $table->unsignedSmallInteger('waited')->default(0);
            $table->enum('outcome', ['decided', 'answered', 'next_steps', 'shelved', 'dropped'])->nullable();
            $table->date('settled_on')->nullable();
            $table->timestamps();
            $table->index(['series_id', 'outcome']);
        });

        Schema::create('agenda_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['standing', 'follow_ups', 'issue', 'closing']);
            $table->unsignedSmallInteger('position');
            $table->string('title', 200);
            $table->rawColumn('minutes', 'integer check (minutes >= 0)');
            $table->foreignId('owner_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignId('goal_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('issue_id')->nullable()->constrained()->restrictOnDelete();
            $table->dateTime('begun_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->text('notes')->nullable();
            $table->enum('outcome', ['decided', 'answered', 'next_steps', 'next_time', 'shelved', 'dropped'])->nullable();
            $table->timestamps();
            $table->index(['meeting_id', 'position']);
            $table->unique(['meeting_id', 'issue_id']);
        });

        Schema::create('decisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('agenda_item_id')->constrained()->cascadeOnDelete();
            $table->string('words', 1000);
            $table->string('because', 1000)->nullable();
            $table->date('decided_on');
            $table->timestamps();
            $table->index('agenda_item_id');
        });
    }
};
