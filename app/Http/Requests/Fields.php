<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Loftrin\Core\Calendar\Day;

/** What comes from a form, field by field: null where nothing was entered. Its shape was checked before. */
abstract class Fields extends FormRequest
{
    protected function number(string $field): ?int
    {
        return $this->filled($field) ? $this->integer($field) : null;
    }

    protected function day(string $field): ?Day
    {
        return $this->filled($field) ? Day::of($this->string($field)->toString()) : null;
    }

    protected function words(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->toString() : null;
    }
}
