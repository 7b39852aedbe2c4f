<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What an issue should end in is called an answer, no longer input. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('issues', static fn(Blueprint $table) => $table->renameColumn('need', 'need_before'));
        Schema::table(
            'issues',
            static fn(Blueprint $table) => $table->enum('need', ['decision', 'answer', 'information', 'help'])->default('decision'),
        );
        DB::table('issues')->update(['need' => DB::raw("case need_before when 'input' then 'answer' else need_before end")]);
        Schema::table('issues', static fn(Blueprint $table) => $table->dropColumn('need_before'));
    }
};
