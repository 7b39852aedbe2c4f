<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('comments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->date('on');
            $table->text('words');
            $table->timestamps();
            $table->index(['goal_id', 'on']);
        });

        Schema::create('estimates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->date('on');
            $table->rawColumn('chance', 'integer check (chance between 0 and 100)');
            // What was computed as it was made, and seen beside it.
            $table->rawColumn('computed', 'integer check (computed between 0 and 100)')->nullable();
            $table->string('line', 500)->nullable();
            $table->timestamps();
            $table->index(['goal_id', 'on']);
            $table->index('person_id');
        });

        Schema::create('judgements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->date('on');
            $table->enum('direction', ['forward', 'holding', 'backward']);
            $table->string('line', 500);
            $table->timestamps();
            $table->index(['goal_id', 'on']);
        });

        // Who hears of what happens to a goal, besides its owner.
        Schema::create('followings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['goal_id', 'person_id']);
        });

        Schema::create('tellings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('by_id')->constrained('people')->restrictOnDelete();
            $table->string('words', 300);
            $table->timestamp('read_at')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'read_at']);
            $table->index('goal_id');
        });
    }
};
