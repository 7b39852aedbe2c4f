<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('person_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->date('on');
            $table->foreignId('main_task_id')->nullable()->constrained('tasks')->nullOnDelete();
            $table->timestamps();
            $table->unique(['person_id', 'on']);
        });
    }
};
