<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('goals', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200);
            $table->text('why')->nullable();
            $table->string('mark', 2)->nullable();
            $table->enum('scope', ['company', 'person'])->default('company');
            $table->enum('visibility', ['everyone', 'only_me'])->default('everyone');
            $table->enum('horizon', ['year', 'quarter', 'month', 'week']);
            $table->string('period', 8);
            // A period's days, and the day that decides to which longer period it belongs, follow from its
            // name; they stand here so that the database can select by them.
            $table->date('starts_on');
            $table->date('ends_on');
            $table->date('anchor_on');
            $table->foreignId('parent_id')->nullable()->constrained('goals')->restrictOnDelete();
            $table->rawColumn('weight', 'numeric default 1 check (weight > 0)');
            $table->foreignId('owner_id')->constrained('people')->restrictOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->boolean('is_main')->default(false);
            $table->boolean('is_firm')->default(false);
            $table->enum('measure', ['work', 'number', 'keep', 'count', 'yes_no', 'judged']);
            $table->rawColumn('tasks_weight', 'numeric default 1 check (tasks_weight > 0)');
            $table->rawColumn('start_value', 'numeric')->nullable();
            $table
                ->rawColumn(
                    'target_value',
                    "numeric check (measure <> 'number' or (target_value is not null and start_value is "
                        .'not null and target_value <> start_value))',
                )
                ->nullable();
            $table->rawColumn('limit_value', 'numeric')->nullable();
            $table->enum('sense', ['at_least', 'at_most'])->default('at_least');
            $table->rawColumn('share', 'numeric default 0.8 check (share > 0 and share <= 1)');
            $table->string('unit', 12)->nullable();
            $table->date('closed_on')->nullable();
            $table
                ->rawColumn(
                    'result',
                    "varchar(10) check (result in ('met', 'partly_met', 'not_met', 'dropped') and closed_on is "
                        .'not null or result is null and closed_on is null)',
                )
                ->nullable();
            $table->rawColumn('score', 'numeric check (score between 0 and 1)')->nullable();
            $table->string('closing_line', 500)->nullable();
            $table->timestamps();

            $table->index(['anchor_on', 'horizon']);
            $table->index('owner_id');
        });

        Schema::create('checkpoints', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->rawColumn('fraction', 'numeric check (fraction between 0 and 1)');
            $table->timestamps();
            $table->unique(['goal_id', 'on']);
        });

        Schema::create('readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->rawColumn('value', 'numeric');
            $table->foreignId('entered_by')->constrained('people')->restrictOnDelete();
            $table->timestamps();
            $table->index(['goal_id', 'on']);
        });
    }
};
