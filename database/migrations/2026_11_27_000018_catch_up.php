<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('person_days', static function (Blueprint $table): void {
            // The day on which somebody who had been away said that they had caught up.
            $table->boolean('is_caught_up')->default(false);
        });
    }
};
