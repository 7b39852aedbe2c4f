<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('reviews', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->string('period', 8);
            $table->dateTime('held_at')->nullable();
            // What was seen when it was held: later changes do not rewrite it.
            $table->json('facts')->nullable();
            $table->timestamps();
            $table->unique(['person_id', 'period']);
        });

        Schema::create('answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('review_id')->constrained()->cascadeOnDelete();
            $table->enum('question', ['moved', 'still', 'surprised', 'differently']);
            $table->text('words');
            $table->timestamps();
            $table->unique(['review_id', 'question']);
        });

        Schema::create('jots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('words', 2000);
            $table->date('jotted_on');
            $table->date('sorted_on')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'sorted_on']);
        });
    }
};
