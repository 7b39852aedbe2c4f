<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('initials', 3);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->enum('role', ['lead', 'member'])->default('member');
            $table->rawColumn('weekly_hours', 'integer default 40 check (weekly_hours between 0 and 168)');
            $table->rememberToken();
            $table->timestamps();
        });
    }
};
