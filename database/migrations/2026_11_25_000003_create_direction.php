<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('outlooks', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200);
            $table->text('why')->nullable();
            $table->date('on');
            $table->timestamps();
        });

        Schema::create('contacts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('area_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('what', 120)->nullable();
            $table->string('email', 120)->nullable();
            $table->string('phone', 40)->nullable();
            $table->timestamps();
            $table->index('area_id');
        });

        // References are written out: a constraint added by the builder would make SQLite's table anew, without its checks.
        Schema::table('workspaces', static function (Blueprint $table): void {
            $table->text('purpose')->nullable();
        });
        Schema::table('period_words', static function (Blueprint $table): void {
            $table->text('why')->nullable();
        });
        Schema::table('areas', static function (Blueprint $table): void {
            $table->rawColumn('kind', "varchar(6) not null default 'area' check (kind in ('area', 'client', 'role'))");
            $table->rawColumn('owner_id', 'integer references people (id) on delete set null')->nullable();
            $table->text('notes')->nullable();
        });
        Schema::table('goals', static function (Blueprint $table): void {
            $table->rawColumn('outlook_id', 'integer references outlooks (id) on delete set null')->nullable();
            // The goal that it carries on, which was not met in its own period.
            $table->rawColumn('predecessor_id', 'integer references goals (id) on delete set null')->nullable();
            // Of a year goal: the numbers of the quarters in which it is worked on.
            $table->json('quarters')->nullable();
            $table->date('shelved_on')->nullable();
            $table->date('look_again_on')->nullable();
            $table->index('predecessor_id');
            $table->index('shelved_on');
        });
        Schema::table('projects', static function (Blueprint $table): void {
            $table->date('look_again_on')->nullable();
            $table->index('area_id');
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->date('look_again_on')->nullable();
            $table->index(['owner_id', 'shelved_on']);
        });
        Schema::table('jots', static function (Blueprint $table): void {
            $table->rawColumn('area_id', 'integer references areas (id) on delete set null')->nullable();
            $table->date('shelved_on')->nullable();
            $table->date('look_again_on')->nullable();
            $table->index('area_id');
        });
    }
};
