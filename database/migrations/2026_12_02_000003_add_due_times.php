<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // HH:MM on the wall clock, of the day on which it is due.
            $table->rawColumn('due_at', 'varchar(5) check (due_at is null or due_on is not null)')->nullable();
        });
        Schema::table('people', static function (Blueprint $table): void {
            // Whether they write 3/4 for 4 March.
            $table->boolean('month_first')->default(false);
        });
    }
};
