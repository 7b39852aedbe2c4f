<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What comes back on a day, at a time, once or by a rule, and what it is about.
        Schema::table('jots', static function (Blueprint $table): void {
            $table->string('return_at', 5)->nullable();
            $table->string('rhythm', 200)->nullable();
            $table->string('rule', 300)->nullable();
            // When its letter went out, if one did.
            $table->timestamp('told_at')->nullable();

            foreach (['task', 'project', 'goal', 'contact', 'file'] as $about) {
                $table
                    ->foreignId("{$about}_id")
                    ->nullable()
                    ->constrained()
                    ->nullOnDelete();
            }

            $table->index(['return_on', 'told_at']);
        });

        // A reminder is such a thing: it lies on the shelf until its day.
        foreach (DB::table('reminders')->orderBy('id')->get() as $reminder) {
            DB::table('jots')->insert([
                'person_id' => $reminder->person_id,
                'words' => $reminder->words,
                'jotted_on' => substr((string) ($reminder->created_at ?? $reminder->on), 0, 10),
                'shelved_on' => substr((string) ($reminder->created_at ?? $reminder->on), 0, 10),
                'return_on' => $reminder->on,
                'return_at' => $reminder->at,
                'sorted_on' => $reminder->settled_on,
                'told_at' => $reminder->told_at,
                'project_id' => $reminder->project_id,
                'created_at' => $reminder->created_at,
                'updated_at' => $reminder->updated_at,
            ]);
        }

        Schema::drop('reminders');
    }
};
