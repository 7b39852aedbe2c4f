<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Facts of weeks that were kept before more was worked out: what is not known of them says so. */
return new class () extends Migration {
    private const SINCE = [
        'nextSteps' => null,
        'byEffort' => [],
        'byArea' => [],
        'decisions' => [],
        'findings' => [],
        'blank' => [],
        'appointments' => [],
    ];

    public function up(): void
    {
        foreach (
            DB::table('reviews')
                ->where('period', 'like', '%-W%')
                ->whereNotNull('facts')
                ->get(['id', 'facts']) as $review
        ) {
            /** @var array<string, mixed> $facts */
            $facts = json_decode((string) $review->facts, true);
            DB::table('reviews')
                ->where('id', $review->id)
                ->update(['facts' => json_encode($facts + self::SINCE, JSON_THROW_ON_ERROR)]);
        }
    }
};
