<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What reaches people within the application are updates, no longer news. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('notification_choices', static fn(Blueprint $table) => $table->renameColumn('reach', 'reach_before'));
        Schema::table(
            'notification_choices',
            static fn(Blueprint $table) => $table->enum('reach', ['updates', 'mail', 'morning', 'nowhere'])->default('updates'),
        );
        DB::table('notification_choices')->update([
            'reach' => DB::raw("case reach_before when 'news' then 'updates' else reach_before end"),
        ]);
        Schema::table('notification_choices', static fn(Blueprint $table) => $table->dropColumn('reach_before'));
    }
};
