<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // The register tells when a project's tasks were changed last.
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index(['project_id', 'changed_on']);
            // A person's lists are made of what is open: few of many.
            $table->index(['owner_id', 'done_on', 'dropped_on', 'shelved_on'], 'tasks_owner_open');
        });
    }
};
