<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who else may read a review, or one answer of it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('shares', static function (Blueprint $table): void {
            $one = static fn(string $a, string $b): string => "check (($a is null) <> ($b is null))";
            $table->id();
            $table->foreignId('review_id')->nullable()->constrained()->cascadeOnDelete();
            $table
                ->rawColumn('answer_id', 'integer references answers (id) on delete cascade '.$one('review_id', 'answer_id'))
                ->nullable();
            $table->foreignId('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->rawColumn('group_id', 'integer references groups (id) on delete cascade '.$one('person_id', 'group_id'))->nullable();
            $table->timestamps();
            $table->unique(['review_id', 'answer_id', 'person_id', 'group_id']);
            $table->index('answer_id');
            $table->index('person_id');
            $table->index('group_id');
        });
    }
};
