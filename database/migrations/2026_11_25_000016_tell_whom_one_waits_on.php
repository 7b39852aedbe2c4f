<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // One more occasion. The check of a column cannot be changed in place: the table is made anew.
        Schema::rename('wishes', 'wishes_before');
        Schema::create('wishes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('occasion', ['mentioned', 'said', 'goal', 'handed_over', 'look_over', 'waited_for', 'reminder']);
            $table->enum('reach', ['news', 'mail', 'morning', 'nowhere']);
            $table->timestamps();
            $table->unique(['person_id', 'occasion'], 'wishes_of_a_person');
        });
        DB::statement(
            'insert into wishes (id, person_id, occasion, reach, created_at, updated_at) select id, person_id, '
                .'occasion, reach, created_at, updated_at from wishes_before',
        );
        Schema::drop('wishes_before');

        // A file is always handed out to be saved, whatever its kind: its name says which.
        Schema::table('files', static function (Blueprint $table): void {
            $table->dropColumn('type');
        });
    }
};
