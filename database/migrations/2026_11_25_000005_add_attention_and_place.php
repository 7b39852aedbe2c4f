<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->rawColumn('attention', "varchar(6) check (attention in ('full', 'normal', 'little'))")->nullable();
            $table->string('place', 60)->nullable();
            // When its time was cleared: it stays in the list of what lies ahead.
            $table->date('put_back_on')->nullable();
            $table->index(['owner_id', 'due_on']);
        });
    }
};
