<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What comes back can be work on a main effort, as a task can: each time that it comes. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('recurring_tasks', static function (Blueprint $table): void {
            $table->rawColumn('main_effort_id', 'integer references main_efforts (id) on delete set null')->nullable();
            $table->index('main_effort_id');
        });
    }
};
