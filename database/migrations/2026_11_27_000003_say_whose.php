<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Who set up a series, and who added a contact: nobody known of those that are there.
        Schema::table(
            'series',
            static fn(Blueprint $table) => $table->rawColumn('owner_id', 'integer references people (id) on delete set null')->nullable(),
        );
        Schema::table(
            'contacts',
            static fn(Blueprint $table) => $table->rawColumn('person_id', 'integer references people (id) on delete set null')->nullable(),
        );
    }
};
