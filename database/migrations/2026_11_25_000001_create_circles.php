<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('circles', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80)->unique();
            $table->timestamps();
        });

        Schema::create('memberships', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('circle_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['circle_id', 'person_id']);
            $table->index('person_id');
        });

        // Who, besides its owner, may see a goal that is not for everyone.
        Schema::create('admissions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->foreignId('circle_id')->nullable()->constrained()->restrictOnDelete();
            $table
                ->rawColumn(
                    'person_id',
                    'integer references people (id) on delete cascade check ((person_id is null) <> (circle_id is null))',
                )
                ->nullable();
            $table->timestamps();
            $table->unique(['goal_id', 'circle_id']);
            $table->unique(['goal_id', 'person_id']);
        });

        Schema::table('goals', static function (Blueprint $table): void {
            $table->rawColumn('seen_by', "varchar(10) default 'everyone' check (seen_by in ('everyone', 'chosen', 'only_me'))");
            $table->rawColumn('whose', "varchar(10) default 'company' check (whose in ('company', 'circle', 'person'))");
            // Written out: a constraint added by the builder would make SQLite's table anew, without its checks.
            $table->rawColumn('circle_id', 'integer references circles (id) on delete restrict')->nullable();
            // Its owner agrees that it counts in the sum above it for those who may not see it.
            $table->boolean('counts_unnamed')->default(false);
        });
        DB::table('goals')->update(['seen_by' => DB::raw('visibility'), 'whose' => DB::raw('scope')]);
        Schema::table('goals', static fn(Blueprint $table) => $table->dropColumn(['visibility', 'scope']));
        Schema::table('goals', static function (Blueprint $table): void {
            $table->renameColumn('seen_by', 'visibility');
            $table->renameColumn('whose', 'scope');
        });
    }
};
