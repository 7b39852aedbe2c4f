<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Notes of a meeting were one text per item, which two people could not write at once. Each line is a record now. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('note_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('agenda_item_id')->constrained()->cascadeOnDelete();
            // Made in the browser in which the line is written.
            $table->uuid('key')->unique();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->text('words');
            // The number of times that it was sent with other words: what arrives late does not replace what is newer.
            $table->unsignedInteger('version');
            $table->dateTime('written_at');
            $table->foreignId('decision_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('task_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index('agenda_item_id');
            $table->index('decision_id');
            $table->index('task_id');
        });

        Schema::create('final_minutes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->unique()->constrained()->restrictOnDelete();
            $table->longText('text');
            $table->char('checksum', 64);
            $table->timestamps();
        });

        Schema::create('additions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->restrictOnDelete();
            $table->foreignId('agenda_item_id')->nullable()->constrained()->nullOnDelete();
            $table->string('key', 64)->unique();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->text('words');
            $table->dateTime('written_at');
            $table->timestamps();
            $table->index('meeting_id');
        });

        Schema::create('presences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            // One of the pages that a person has open.
            $table->uuid('browser');
            $table->dateTime('seen_at');
            $table->unsignedSmallInteger('unsent')->default(0);
            $table->unique(['meeting_id', 'browser']);
        });

        Schema::create('private_notes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('agenda_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->text('words');
            $table->timestamps();
            $table->unique(['agenda_item_id', 'person_id']);
        });

        Schema::table('meetings', static function (Blueprint $table): void {
            $table->dateTime('closing_at')->nullable();
            $table->dateTime('paused_at')->nullable();
        });

        Schema::table('agenda_items', static function (Blueprint $table): void {
            // Minutes given to it while it ran, beyond what was planned.
            $table->unsignedSmallInteger('extra')->default(0);
        });

        $this->splitNotes();
        Schema::table('agenda_items', static function (Blueprint $table): void {
            $table->dropColumn('notes');
        });
    }

    private function splitNotes(): void
    {
        $items = DB::table('agenda_items')
            ->join('meetings', 'meetings.id', '=', 'agenda_items.meeting_id')
            ->whereNotNull('notes')
            ->where('notes', '!=', '')
            ->orderBy('agenda_items.id')
            ->select(['agenda_items.id', 'notes', 'minute_taker_id', 'agenda_items.ended_at', 'opened_at']);

        foreach ($items->cursor() as $item) {
            $at = $item->ended_at ?? $item->opened_at;

            foreach (explode("\n", str_replace("\r\n", "\n", (string) $item->notes)) as $words) {
                DB::table('note_lines')->insert([
                    'agenda_item_id' => $item->id,
                    'key' => Str::uuid()->toString(),
                    'person_id' => $item->minute_taker_id,
                    'words' => $words,
                    'version' => 1,
                    'written_at' => $at,
                    'created_at' => $at,
                    'updated_at' => $at,
                ]);
            }
        }
    }
};
