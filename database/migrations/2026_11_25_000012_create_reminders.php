<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Something to be shown, or asked, on a day.
        Schema::create('reminders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('words', 200);
            $table->enum('kind', ['show', 'ask'])->default('show');
            $table->date('on');
            $table->string('at', 5)->nullable();
            $table->date('settled_on')->nullable();
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index(['person_id', 'settled_on', 'on']);
        });

        // What a person wants to be told, and where. Without a wish it stands in the news.
        Schema::create('wishes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('occasion', ['mentioned', 'said', 'goal', 'handed_over', 'look_over', 'reminder']);
            $table->enum('reach', ['news', 'mail', 'morning', 'nowhere']);
            $table->timestamps();
            $table->unique(['person_id', 'occasion']);
        });

        Schema::table('tellings', static function (Blueprint $table): void {
            // Waits for the letter of the next morning.
            $table->boolean('for_letter')->default(false);
        });

        // The mailbox that stands in for a real one: what was sent can be read here.
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('subject', 300);
            $table->text('body');
            $table->timestamps();
            $table->index(['person_id', 'id']);
        });
    }
};
