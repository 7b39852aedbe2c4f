<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Which of what was understood of a jotted line is not meant, and what an ambiguous name means.
        Schema::table('jots', static function (Blueprint $table): void {
            $table->json('refused')->nullable();
            $table->json('chosen')->nullable();
        });
    }
};
