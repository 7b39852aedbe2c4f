<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    /** A slip in somebody's line is corrected by the chair or the minute-taker, and the line says so. */
    public function up(): void
    {
        Schema::table('note_lines', static function (Blueprint $table): void {
            $table->foreignId('corrected_by')->nullable()->constrained('people')->nullOnDelete();
            $table->index('corrected_by');
        });
    }
};
