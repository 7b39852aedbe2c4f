<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('plannings', static function (Blueprint $table): void {
            // Who went through it last: who is asked to go on.
            $table->foreignId('person_id')->nullable()->constrained();
        });
    }
};
