<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tables, columns and what is logged of them are called as on screen (docs/glossary.md). Nothing else changes. */
return new class () extends Migration {
    private const TABLES = [
        'circles' => 'groups',
        'outlooks' => 'long_term_goals',
        'patterns' => 'templates',
        'pattern_stages' => 'template_stages',
        'pattern_steps' => 'template_steps',
        'pattern_tasks' => 'template_tasks',
        'routines' => 'recurring_tasks',
        'routine_servings' => 'recurring_task_servings',
        'routine_steps' => 'recurring_task_steps',
        'admissions' => 'goal_viewers',
        'gatherings' => 'collection_items',
        'tellings' => 'notifications',
        'wishes' => 'notification_choices',
    ];

    private const COLUMNS = [
        'circle' => 'group',
        'outlook' => 'long_term_goal',
        'pattern' => 'template',
        'routine' => 'recurring_task',
        'occasion' => 'event',
    ];

    private const CLASSES = [
        'Circle' => 'Group',
        'Outlook' => 'LongTermGoal',
        'PatternTask' => 'TemplateTask',
        'PatternStep' => 'TemplateStep',
        'PatternStage' => 'TemplateStage',
        'Pattern' => 'Template',
        'RoutineServing' => 'RecurringTaskServing',
        'RoutineStep' => 'RecurringTaskStep',
        'Routine' => 'RecurringTask',
        'Admission' => 'GoalViewer',
        'Gathering' => 'CollectionItem',
        'Telling' => 'Notification',
        'Wish' => 'NotificationChoice',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $old => $new) {
            if (Schema::hasTable($old)) {
                Schema::rename($old, $new);
            }
        }

        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            foreach (Schema::getColumnListing($table) as $column) {
                $name = self::renamed($column);

                if ($name !== $column) {
                    Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->renameColumn($column, $name));
                }
            }
        }

        foreach (self::CLASSES as $old => $new) {
            foreach (['subject_type', 'causer_type'] as $column) {
                DB::table('activity_log')->where($column, "App\\Models\\$old")->update([$column => "App\\Models\\$new"]);
            }
        }

        $this->renameInLog();
    }

    /** What was written is kept by column: an undo finds it by the new names. */
    private function renameInLog(): void
    {
        DB::table('activity_log')
            ->whereNotNull('properties')
            ->orderBy('id')
            ->each(static function (object $row): void {
                $logged = json_decode((string) $row->properties, true);
                $renamed = array_map(
                    static fn(mixed $columns): mixed => is_array($columns)
                        ? array_combine(
                            array_map(static fn(int|string $column): string => self::renamed((string) $column), array_keys($columns)),
                            $columns,
                        )
                        : $columns,
                    is_array($logged) ? $logged : [],
                );

                if ($renamed !== $logged) {
                    DB::table('activity_log')->where('id', $row->id)->update(['properties' => json_encode($renamed, JSON_THROW_ON_ERROR)]);
                }
            });
    }

    private static function renamed(string $column): string
    {
        foreach (self::COLUMNS as $old => $new) {
            $column = (string) preg_replace("/(?<![a-z])$old(?=_|$)/", $new, $column);
        }

        return $column;
    }
};
