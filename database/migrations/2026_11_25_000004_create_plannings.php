<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A pass through the planning of a year, a quarter, a month or some weeks, which can be left and taken up.
        Schema::create('plannings', static function (Blueprint $table): void {
            $table->id();
            $table->string('stretch', 12)->unique();
            $table->unsignedTinyInteger('step')->default(0);
            $table->date('finished_on')->nullable();
            $table->timestamps();
        });

        // How we go about a stretch: what carries most, what we try, learn and give up.
        Schema::create('resolves', static function (Blueprint $table): void {
            $table->id();
            $table->string('stretch', 12);
            $table->date('starts_on');
            $table->date('ends_on');
            $table->enum('kind', ['driver', 'trial', 'skill', 'give_up']);
            $table->string('title', 200);
            $table->foreignId('owner_id')->constrained('people')->restrictOnDelete();
            // A trial ends with what was learned.
            $table->rawColumn('ended_on', "date check (ended_on is null or kind <> 'trial' or learned is not null)")->nullable();
            $table->string('learned', 1000)->nullable();
            $table->timestamps();
            $table->index('stretch');
            $table->index(['starts_on', 'ends_on']);
        });

        Schema::table('goals', static function (Blueprint $table): void {
            $table->boolean('is_first')->default(false);
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->rawColumn('driver_id', 'integer references resolves (id) on delete set null')->nullable();
            $table->index('driver_id');
        });
    }
};
