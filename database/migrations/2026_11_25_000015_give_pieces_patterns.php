<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('routines', static function (Blueprint $table): void {
            // From which each new piece of a steady output takes its steps.
            $table->rawColumn('pattern_id', 'integer references patterns (id) on delete set null')->nullable();
        });
    }
};
