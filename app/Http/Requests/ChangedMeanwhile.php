<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

/** Refuses to overwrite what somebody else changed, and says what stands there by now: to send it again is to decide. */
final class ChangedMeanwhile extends ValidationException
{
    /**
     * @param array<string, string> $conflicts what is said, by field
     * @param array<string, mixed> $stands what stands in these fields
     */
    public function __construct(array $conflicts, private readonly array $stands)
    {
        $validator = Validator::make([], []);

        foreach ($conflicts as $field => $words) {
            $validator->errors()->add($field, $words);
        }

        parent::__construct($validator);
    }

    /** The receipt of it; a page says it by itself. */
    public function render(Request $request): ?JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['message' => $this->getMessage(), 'errors' => $this->errors(), 'stands' => $this->stands], $this->status)
            : null;
    }
}
