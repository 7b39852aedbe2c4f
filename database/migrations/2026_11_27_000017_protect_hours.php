<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Hours of a weekday that a person keeps for work, or takes meetings in.
        Schema::create('protected_hours', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('weekday', 9);
            $table->string('from', 5);
            $table->string('until', 5);
            $table->enum('kind', ['work', 'meetings']);
            $table->timestamps();
            $table->unique(['person_id', 'weekday', 'from', 'kind']);
        });
    }
};
