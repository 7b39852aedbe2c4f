<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The sum that was computed when a goal was closed: closing it moves, shelves or drops what the sum was made of. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('goals', static fn(Blueprint $table) => $table->text('computed_from')->nullable());
    }
};
