<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The day of the week from which owners are asked about their goals, and what a meeting looks at beside goals and projects. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workspaces', static function (Blueprint $table): void {
            $table->string('asks_owners_on', 9)->default('thursday');
        });

        foreach (['standing_items', 'agenda_items'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('shows', 9)->nullable();
            });
            DB::table($name)
                ->where('shows_register', true)
                ->update(['shows' => 'register']);
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('shows_register');
            });
        }
    }
};
