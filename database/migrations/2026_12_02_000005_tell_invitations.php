<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('access_links', static function (Blueprint $table): void {
            // For somebody who has not come yet; the others are for a password that was forgotten.
            $table->boolean('is_invitation')->default(false);
        });

        // Those were given for days, the others for hours.
        foreach (DB::table('access_links')->orderBy('id')->get() as $link) {
            if (Carbon::parse($link->expires_at)->diffInHours(Carbon::parse($link->created_at), absolute: true) > 24) {
                DB::table('access_links')->where('id', $link->id)->update(['is_invitation' => true]);
            }
        }
    }
};
