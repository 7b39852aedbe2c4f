<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Person;
use App\Queries\Goals\MainEffortChoices;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Auth;

/** A main effort can be chosen where its goal may be seen. */
final class VisibleEffort implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $me = Auth::user();

        if (! ($me instanceof Person) || MainEffortChoices::visibleTo($me)->whereKey($value)->doesntExist()) {
            $fail('This main effort no longer exists.');
        }
    }
}
