<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    /** All that was told of a change is told again to who asks again, not only how to undo it. */
    public function up(): void
    {
        Schema::table('answered_requests', static function (Blueprint $table): void {
            $table->json('told')->nullable();
            $table->dropColumn('change');
        });
    }
};
