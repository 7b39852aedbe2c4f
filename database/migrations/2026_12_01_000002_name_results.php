<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A goal is met, in part, not met, or stopped: in its record, in what reviews kept of it, and in the log. */
return new class () extends Migration {
    private const NEW_NAME = "case was_result when 'partly_met' then 'in_part' when 'dropped' then 'stopped' else was_result end";

    public function up(): void
    {
        $this->renameInGoals();
        $this->renameIn('reviews', 'facts', DB::table('reviews')->whereNotNull('facts'));
        $this->renameIn('activity_log', 'properties', DB::table('activity_log')->where('subject_type', 'App\\Models\\Goal'));
    }

    /**
     * A changed constraint would make SQLite build the table anew without its checks; a new column does not. Its check is held
     * against the rows that are there, so that for a moment none of them is closed.
     */
    private function renameInGoals(): void
    {
        Schema::table('goals', static function (Blueprint $table): void {
            $table->date('was_closed_on')->nullable();
            $table->string('was_result')->nullable();
        });
        DB::table('goals')->update(['was_closed_on' => DB::raw('closed_on'), 'was_result' => DB::raw('result')]);
        DB::table('goals')->update(['closed_on' => null, 'result' => null]);
        Schema::table('goals', static fn(Blueprint $table) => $table->dropColumn('result'));
        Schema::table(
            'goals',
            static fn(Blueprint $table) => $table
                ->rawColumn(
                    'result',
                    "varchar(10) check (result in ('met', 'in_part', 'not_met', 'stopped') and closed_on is not null "
                        .'or result is null and closed_on is null)',
                )
                ->nullable(),
        );
        DB::table('goals')->update(['closed_on' => DB::raw('was_closed_on'), 'result' => DB::raw(self::NEW_NAME)]);
        Schema::table('goals', static fn(Blueprint $table) => $table->dropColumn(['was_closed_on', 'was_result']));

        // Of the sums that were kept at a closing, the lines of goals.
        foreach (DB::table('goals')->whereNotNull('computed_from')->get(['id', 'computed_from']) as $goal) {
            /** @var list<array{kind: string, left_out: ?string}> $lines */
            $lines = json_decode((string) $goal->computed_from, true, flags: JSON_THROW_ON_ERROR);
            $lines = array_map(
                static fn(array $line): array => $line['kind'] === 'goal' && $line['left_out'] === 'dropped'
                    ? [...$line, 'left_out' => 'stopped']
                    : $line,
                $lines,
            );
            DB::table('goals')
                ->where('id', $goal->id)
                ->update(['computed_from' => json_encode($lines, JSON_THROW_ON_ERROR)]);
        }
    }

    private function renameIn(string $table, string $column, Builder $rows): void
    {
        $rows->orderBy('id')->each(static function (stdClass $row) use ($table, $column): void {
            $renamed = preg_replace(
                ['/("(?:band|result)"\s*:\s*)"partly_met"/', '/("(?:band|result)"\s*:\s*)"dropped"/', '/"partly met"/'],
                ['$1"in_part"', '$1"stopped"', '"in part"'],
                (string) $row->$column,
            );

            if ($renamed !== $row->$column) {
                DB::table($table)
                    ->where('id', $row->id)
                    ->update([$column => $renamed]);
            }
        });
    }
};
