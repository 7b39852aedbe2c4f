<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\People\WorkspaceDraft;
use App\Models\Person;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** A workspace and its first lead, as they come from the form. */
final class WorkspaceFields extends FormRequest
{
    /** Whether somebody may start here: nobody has, and the address is one that was given. */
    public static function isOpen(Request $request): bool
    {
        return $request->hasValidRelativeSignature() && Person::query()->doesntExist();
    }

    /** Nobody else learns whether the workspace was started. */
    public function authorize(): bool
    {
        abort_unless(self::isOpen($this), 404);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'organisation' => ['required', 'string', 'max:80'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
            'yearStartsIn' => ['required', 'integer', 'between:1,12'],
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190'],
            'password' => ChosenPassword::rules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...ChosenPassword::messages(),
            'organisation.required' => 'Enter the name of your organisation.',
            'name.required' => 'Enter your name.',
            'email.required' => 'Enter your e-mail address.',
            'email.email' => 'Enter a valid e-mail address.',
            'timezone.*' => 'Choose a time zone.',
            'yearStartsIn.*' => 'Choose the month in which your year starts.',
        ];
    }

    public function draft(): WorkspaceDraft
    {
        return new WorkspaceDraft(
            organisation: $this->string('organisation')->toString(),
            timezone: $this->string('timezone')->toString(),
            yearStartsIn: $this->integer('yearStartsIn'),
            name: $this->string('name')->toString(),
            email: $this->string('email')->toString(),
            password: $this->string('password')->toString(),
        );
    }
}
