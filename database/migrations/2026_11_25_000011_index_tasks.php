<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            // All that a tally asks of a task stands in the index: the tasks themselves need not be read.
            $table->index(
                ['project_id', 'done_on', 'dropped_on', 'shelved_on', 'created_on', 'minutes', 'waiting_on'],
                'tasks_project_tally',
            );
            $table->index(['project_id', 'minutes', 'done_on', 'dropped_on', 'shelved_on', 'created_on'], 'tasks_effort_tally');
            $table->index(['goal_id', 'done_on', 'dropped_on', 'shelved_on', 'created_on'], 'tasks_goal_tally');
            $table->dropIndex(['goal_id']);
            // Likewise what the share of a week's work asks.
            $table->index(['done_on', 'visibility', 'minutes', 'goal_id', 'project_id', 'routine_id'], 'tasks_done_share');
            $table->dropIndex(['done_on']);
        });

        Schema::table('steps', static function (Blueprint $table): void {
            $table->index(['task_id', 'done_on']);
        });
    }
};
