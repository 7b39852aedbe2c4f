<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // HH:MM on the wall clock, of the day that it is planned for; how long it takes is its estimate.
            $table->rawColumn('planned_at', 'varchar(5) check (planned_at is null or length(planned) = 10)')->nullable();
        });
    }
};
