<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Goals\ClosingDraft;
use App\Models\Rest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Fluent;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\Result;

/** One goal's closing, or under `goals` those of several by their ids. Goals without a result stay open. */
final class ClosingFields extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isPass = $this->has('goals');
        $field = static fn(string $name): string => $isPass ? "goals.*.$name" : $name;

        return [
            ...$isPass ? ['goals' => ['array', 'max:300']] : [],
            $field('result') => [$isPass ? 'nullable' : 'required', Rule::enum(Result::class)],
            $field('score') => ['nullable', 'numeric', 'decimal:0,2', 'between:0,100'],
            $field('line') => ['nullable', 'string', 'max:500'],
            $field('rest') => ['nullable', Rule::enum(Rest::class)],
            $field('titles') => ['nullable', 'string', 'max:4000'],
            $field('parent') => ['nullable', 'string', 'regex:/^(none|\d{1,9})$/'],
            $field('withTasks') => ['boolean'],
            $field('withProjects') => ['boolean'],
            $field('returnOn') => ['nullable', new ValidDay()],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'goals.*.score' => 'score',
            'goals.*.line' => 'line',
            'goals.*.returnOn' => 'return date',
            'returnOn' => 'return date',
        ];
    }

    public function draft(): ClosingDraft
    {
        return $this->draftOf(new Fluent($this->validated()));
    }

    /** @return array<int, ClosingDraft> by goal */
    public function drafts(): array
    {
        $drafts = [];

        foreach ($this->array('goals') as $id => $fields) {
            $said = new Fluent(is_array($fields) ? $fields : []);

            if ($said->string('result')->toString() !== '') {
                $drafts[(int) $id] = $this->draftOf($said);
            }
        }

        return $drafts;
    }

    /** @param Fluent<array-key, mixed> $said */
    private function draftOf(Fluent $said): ClosingDraft
    {
        $text = static fn(string $field): ?string => trim($said->string($field)->toString()) === ''
            ? null
            : trim($said->string($field)->toString());
        $score = $text('score');
        // What it would do to the figures is shown before all of it is said.
        $isTried = $this->routeIs('closing.preview', 'goals.close-preview');
        $day = $text('returnOn');

        return new ClosingDraft(
            result: $said->enum('result', Result::class) ?? Result::NotMet,
            score: $score === null ? null : Decimal::of(((float) $score) / 100),
            line: $text('line') ?? ($isTried ? '–' : null),
            rest: $said->enum('rest', Rest::class),
            titles: array_values(
                array_filter(
                    array_map(static fn(string $line): string => mb_substr(trim($line), 0, 200), explode("\n", $text('titles') ?? '')),
                    static fn(string $line): bool => $line !== '',
                ),
            ),
            returnOn: $day === null || $said->enum('rest', Rest::class) !== Rest::Shelved ? null : Day::of($day),
            withTasks: $said->boolean('withTasks', true),
            withProjects: $said->boolean('withProjects', true),
            parent: is_numeric($text('parent')) ? (int) $text('parent') : null,
            parentIsSaid: $isTried || $text('parent') !== null,
        );
    }
}
