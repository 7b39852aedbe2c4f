<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A meeting opens with a round if it is wanted. It was a standing item of that name until now. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('series', static function (Blueprint $table): void {
            $table->integer('opening_minutes')->default(0);
        });

        $rounds = DB::table('standing_items')
            ->whereRaw('lower(title) = ?', ['opening round'])
            ->orderBy('position')
            ->get();

        foreach ($rounds->unique('series_id') as $round) {
            DB::table('series')
                ->where('id', $round->series_id)
                ->update(['opening_minutes' => $round->minutes]);
            DB::table('standing_items')->where('id', $round->id)->delete();
        }

        // The check of a column cannot be changed in place: another column takes its name.
        Schema::table('agenda_items', static function (Blueprint $table): void {
            $table->enum('part', ['opening', 'issue', 'follow_ups', 'standing', 'closing'])->default('standing');
        });
        DB::table('agenda_items')->update(['part' => DB::raw('kind')]);
        Schema::table('agenda_items', static function (Blueprint $table): void {
            $table->dropColumn('kind');
        });
        Schema::table('agenda_items', static function (Blueprint $table): void {
            $table->renameColumn('part', 'kind');
        });
    }
};
