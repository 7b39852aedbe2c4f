<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Person;
use App\Store\Stamp;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** For whoever watches over the server: whether the application answers, and whether what people save can be kept. */
final class UpController
{
    /** With less than this left, in bytes, the disk is as good as full. */
    private const ROOM = 50_000_000;

    public function __invoke(Stamp $stamp): JsonResponse
    {
        $isWritable = $this->isWritable($stamp);

        return new JsonResponse(['people' => Person::query()->exists(), 'writable' => $isWritable], $isWritable ? 200 : 503);
    }

    private function isWritable(Stamp $stamp): bool
    {
        $file = DB::connection()->getDatabaseName();
        $room = is_file($file) ? disk_free_space(dirname($file)) : false;

        if ($room !== false && $room < self::ROOM) {
            return false;
        }

        return rescue(static function () use ($stamp): bool {
            DB::beginTransaction();

            try {
                return $stamp->renew() !== '';
            } finally {
                DB::rollBack();
            }
        }, false) === true;
    }
}
