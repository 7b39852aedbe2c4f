<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Person;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;
use Loftrin\Core\Calendar\Day;

/** What comes from a form, field by field: null where nothing was entered. Its shape was checked before. */
abstract class Fields extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $there = $this->there();

        if ($there !== null) {
            Meanwhile::complete($this, $there);
        }
    }

    /** @return ?array<string, mixed> what the form shows of the record that it changes, by field; null of a new one */
    protected function there(): ?array
    {
        return null;
    }

    protected function me(): Person
    {
        $person = $this->user();

        return $person instanceof Person ? $person : throw new AuthenticationException();
    }

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
