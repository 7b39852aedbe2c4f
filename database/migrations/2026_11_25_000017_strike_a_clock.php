<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workspaces', static function (Blueprint $table): void {
            // The day that routines were moved on to and letters of the morning sent for.
            $table->date('begun_on')->nullable();
        });

        Schema::table('reminders', static function (Blueprint $table): void {
            // When its letter went out, if one did.
            $table->timestamp('told_at')->nullable();
            $table->index(['on', 'told_at']);
        });
    }
};
