<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('workspaces', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('timezone', 64)->default('UTC');
            $table->string('week_starts_on', 9)->default('monday');
            $table->rawColumn('year_starts_in', 'integer default 1 check (year_starts_in between 1 and 12)');
            $table->json('working_days');
            $table->json('holidays');
            $table->timestamps();
        });

        Schema::create('areas', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->timestamps();
        });

        // What is said of a period in words: a year's theme, a quarter's line, a week's focus.
        Schema::create('period_words', static function (Blueprint $table): void {
            $table->id();
            $table->string('period', 8)->unique();
            $table->string('words', 200);
            $table->timestamps();
        });
    }
};
