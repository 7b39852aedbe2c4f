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
        $isWritable = $writability->isGiven();

        return new JsonResponse(['people' => Person::query()->exists(), 'writable' => $isWritable], $isWritable ? 200 : 503);
    }
}
