<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What belongs to a meeting besides its rule: what it is for, how its agenda is laid out, when it is not as usual. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('series', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('closing_minutes')->default(2);
            // Meetings between two changes of chair and minute-taker.
            $table->unsignedSmallInteger('rotates_every')->default(1);
            $table->string('parts', 60)->nullable();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->index('project_id');
            $table->index('area_id');
        });

        Schema::table('standing_items', static function (Blueprint $table): void {
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->boolean('shows_register')->default(false);
            $table->index('project_id');
        });

        Schema::table('agenda_items', static function (Blueprint $table): void {
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->boolean('shows_register')->default(false);
            $table->index('project_id');
        });

        // A meeting that is not as its rule has it: cancelled, or on another day or at another time.
        Schema::create('exceptions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->date('moved_to')->nullable();
            $table->string('time', 5)->nullable();
            $table->string('reason', 200)->nullable();
            $table->timestamps();
            $table->unique(['series_id', 'on']);
        });

        Schema::table('decisions', static function (Blueprint $table): void {
            // Of one that was made outside of a meeting.
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignId('goal_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->index('goal_id');
            $table->index('project_id');
            $table->index('decided_on');
        });
        Schema::table('decisions', static function (Blueprint $table): void {
            $table->unsignedBigInteger('agenda_item_id')->nullable()->change();
        });

        // The check of a column cannot be changed in place: another column takes its name.
        Schema::table('notification_choices', static function (Blueprint $table): void {
            $table->dropUnique(['person_id', 'event']);
            $table->renameColumn('event', 'event_before');
        });
        Schema::table('notification_choices', static function (Blueprint $table): void {
            $table
                ->enum('event', ['mentioned', 'comment', 'goal', 'handed_over', 'to_check', 'waited_for', 'reminder', 'meeting'])
                ->default('meeting');
        });
        DB::table('notification_choices')->update(['event' => DB::raw('event_before')]);
        Schema::table('notification_choices', static function (Blueprint $table): void {
            $table->dropColumn('event_before');
            $table->unique(['person_id', 'event']);
        });

        Schema::create('points', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignId('about_id')->constrained('people')->cascadeOnDelete();
            $table->string('words', 500);
            $table->date('noted_on');
            $table->date('done_on')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'done_on']);
        });

        // Contacts who attend, and who of them was there.
        Schema::create('guests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('series_id')->constrained()->cascadeOnDelete();
            $table->foreignId('contact_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['series_id', 'contact_id']);
            $table->index('contact_id');
        });
        Schema::table('meetings', static function (Blueprint $table): void {
            $table->text('guests')->nullable();
        });

        Schema::create('sendings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->dateTime('sent_at');
            $table->index('meeting_id');
        });
    }
};
