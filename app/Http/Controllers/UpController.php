<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Person;
use App\Store\Writability;
use Illuminate\Http\JsonResponse;

/** For whoever watches over the server: whether the application answers, and whether what people save can be kept. */
final class UpController
{
    public function __invoke(Writability $writability): JsonResponse
    {
        // On a full disk a database may not even open.
        $people = rescue(static fn(): bool => Person::query()->exists(), null);
        $isWritable = $writability->isGiven();

        return new JsonResponse(['people' => $people, 'writable' => $isWritable], $people !== null && $isWritable ? 200 : 503);
    }
}
