<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What carries a quarter stands with its goals: main efforts, assumptions, trade-offs. What was kept of a stretch goes to
 * its main goal, or else to its first; what somebody wants to learn becomes a goal of their own, and so does what had no
 * goal to go to.
 */
return new class () extends Migration {
    private const TABLES = ['driver' => 'main_efforts', 'trial' => 'assumptions', 'give_up' => 'trade_offs'];

    public function up(): void
    {
        $part = static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->string('title', 200);
            $table->foreignId('person_id')->constrained('people')->restrictOnDelete();
            $table->timestamps();
            $table->index('goal_id');
        };
        Schema::create('main_efforts', static function (Blueprint $table) use ($part): void {
            $part($table);
            $table->rawColumn('hours', 'numeric(4, 1) check (hours > 0 and hours <= 80)')->nullable();
        });
        Schema::create('assumptions', static function (Blueprint $table) use ($part): void {
            $part($table);
            $table->date('test_on');
            $table->text('seen')->nullable();
            $table->date('seen_on')->nullable();
            $table->index(['seen_on', 'test_on']);
        });
        Schema::create('trade_offs', $part);
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->rawColumn('main_effort_id', 'integer references main_efforts (id) on delete set null')->nullable();
            $table->index('main_effort_id');
        });

        DB::table('resolves')
            ->orderBy('id')
            ->each(function (stdClass $resolve): void {
                $this->move($resolve);
            });

        Schema::table('tasks', static fn(Blueprint $table) => $table->dropIndex(['driver_id']));
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('driver_id'));
        Schema::drop('resolves');
        // They are no records any more that an undo could bring back.
        DB::table('activity_log')->where('subject_type', 'App\\Models\\Resolve')->delete();
        $this->renameInLog();
    }

    private function move(stdClass $resolve): void
    {
        $goal = $resolve->kind === 'skill' ? null : $this->goalOf($resolve);

        if ($goal === null) {
            $this->asGoal($resolve);

            return;
        }

        $part = [
            'goal_id' => $goal,
            'title' => $resolve->title,
            'person_id' => $resolve->owner_id,
            'created_at' => $resolve->created_at,
            'updated_at' => $resolve->updated_at,
        ];
        $id = DB::table(self::TABLES[$resolve->kind])->insertGetId(
            $resolve->kind === 'trial'
                ? [...$part, 'test_on' => $resolve->ends_on, 'seen' => $resolve->learned, 'seen_on' => $resolve->ended_on]
                : $part,
        );

        if ($resolve->kind === 'driver') {
            DB::table('tasks')
                ->where('driver_id', $resolve->id)
                ->update(['main_effort_id' => $id]);
        }
    }

    /** The main goal of its stretch, or else the first; else one of a longer period that holds it. */
    private function goalOf(stdClass $resolve): ?int
    {
        $within = DB::table('goals')->where('starts_on', '>=', $resolve->starts_on)->where('ends_on', '<=', $resolve->ends_on);
        $around = DB::table('goals')->where('starts_on', '<=', $resolve->starts_on)->where('ends_on', '>=', $resolve->ends_on);

        foreach ([$within, $around] as $goals) {
            $id = $goals->where('visibility', 'everyone')->orderByDesc('is_main')->orderBy('id')->value('id');

            if (is_numeric($id)) {
                return (int) $id;
            }
        }

        return null;
    }

    private function asGoal(stdClass $resolve): void
    {
        $period = explode('+', (string) $resolve->stretch)[0];
        $horizon = match (true) {
            str_contains($period, 'Q') => 'quarter',
            str_contains($period, 'W') => 'week',
            str_contains($period, '-') => 'month',
            default => 'year',
        };
        DB::table('goals')->insert([
            'title' => $resolve->title,
            'scope' => 'person',
            'horizon' => $horizon,
            'period' => $period,
            'starts_on' => $resolve->starts_on,
            'ends_on' => $resolve->ends_on,
            'anchor_on' => $resolve->starts_on,
            'owner_id' => $resolve->owner_id,
            'measure' => 'yes_no',
            'closed_on' => $resolve->ended_on,
            'result' => $resolve->ended_on === null ? null : 'met',
            'closing_line' => $resolve->ended_on === null ? null : $resolve->learned,
            'created_on' => substr((string) $resolve->created_at, 0, 10),
            'created_at' => $resolve->created_at,
            'updated_at' => $resolve->updated_at,
        ]);
    }

    private function renameInLog(): void
    {
        DB::table('activity_log')
            ->where('subject_type', 'App\\Models\\Task')
            ->where('properties', 'like', '%driver_id%')
            ->orderBy('id')
            ->each(static function (stdClass $row): void {
                $logged = json_decode((string) $row->properties, true);
                $without = array_map(
                    static fn(mixed $columns): mixed => is_array($columns) ? array_diff_key($columns, ['driver_id' => 1]) : $columns,
                    is_array($logged) ? $logged : [],
                );
                DB::table('activity_log')
                    ->where('id', $row->id)
                    ->update(['properties' => json_encode($without, JSON_THROW_ON_ERROR)]);
            });
    }
};
