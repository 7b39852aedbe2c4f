<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Goals\GoalDraft;
use App\Actions\Goals\MeasureDraft;
use App\Models\Goal;
use App\Queries\Goals\GoalFormPage;
use Illuminate\Validation\Rule;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Scope;
use Loftrin\Core\Goals\Sense;

/** A goal as it comes from the form. */
final class GoalFields extends Fields
{
    /** Decimals that stay exact on their way through the database. */
    private const WEIGHT = ['nullable', 'numeric', 'decimal:0,4', 'gt:0', 'max:1000000'];

    private const DECIMAL = ['nullable', 'numeric', 'decimal:0,4', 'between:-10000000000,10000000000'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $needs = static fn(MeasureKind ...$kinds) => 'required_if:measure,'.
            implode(',', array_map(static fn(MeasureKind $kind): string => $kind->value, $kinds));

        return [
            ...Lines::rulesOf($this, 'title', 200),
            'period' => ['required', 'string', 'max:8'],
            'why' => ['nullable', 'string', 'max:5000'],
            'mark' => ['nullable', 'string', 'regex:/^\p{L}{2}$/u'],
            'parent' => ['nullable', 'integer'],
            'weight' => self::WEIGHT,
            'tasksWeight' => self::WEIGHT,
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'scope' => ['nullable', Rule::enum(Scope::class)],
            'group' => ['nullable', 'integer', 'exists:groups,id'],
            ...ViewerFields::RULES,
            'longTermGoal' => ['nullable', 'integer', 'exists:long_term_goals,id'],
            'quarters' => ['array', 'max:4'],
            'quarters.*' => ['integer', 'distinct', 'between:1,4'],
            'predecessor' => ['nullable', 'integer'],
            'isMain' => ['boolean'],
            'isFirm' => ['boolean'],
            'measure' => ['required', Rule::enum(MeasureKind::class)],
            'start' => [$needs(MeasureKind::Number), ...self::DECIMAL],
            'target' => [
                $needs(MeasureKind::Number, MeasureKind::Count),
                ...self::DECIMAL,
                // Things are counted whole.
                ...$this->input('measure') === MeasureKind::Count->value ? ['regex:/^\d+(?:\.0+)?$/'] : [],
            ],
            'limit' => [$needs(MeasureKind::Keep), ...self::DECIMAL],
            'sense' => ['nullable', Rule::enum(Sense::class)],
            'share' => ['nullable', 'numeric', 'decimal:0,2', 'gt:0', 'max:100'],
            'unit' => ['nullable', 'string', 'max:12'],
            'fromToday' => ['nullable', 'in:yes,no'],
            'checkpoints' => ['array', 'max:24'],
            'checkpoints.*.on' => ['required', new ValidDay()],
            'checkpoints.*.percent' => ['required', 'numeric', 'decimal:0,2', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...Lines::MESSAGES,
            'start.required_if' => 'Enter the value at the start.',
            'target.required_if' => 'Enter the target.',
            'target.regex' => 'Enter a whole number: things are counted.',
            'limit.required_if' => 'Enter the limit.',
            'mark.regex' => 'A thread mark is two letters.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['checkpoints.*.on' => 'day of the checkpoint', 'checkpoints.*.percent' => 'per cent of the checkpoint'];
    }

    /** @param ?string $title where it is another than the field says */
    public function draft(?string $title = null): GoalDraft
    {
        /** @var list<array{on: string, percent: int|float|string}> $checkpoints */
        $checkpoints = array_values($this->array('checkpoints'));

        return new GoalDraft(
            title: $title ?? $this->string('title')->toString(),
            period: $this->string('period')->toString(),
            why: $this->words('why'),
            mark: $this->words('mark'),
            parent: $this->number('parent'),
            weight: $this->words('weight') ?? '1',
            owner: $this->number('owner'),
            area: $this->number('area'),
            scope: $this->enum('scope', Scope::class) ?? Scope::Company,
            viewers: ViewerFields::draft($this),
            measure: $this->measure(),
            isMain: $this->boolean('isMain'),
            isFirm: $this->boolean('isFirm'),
            checkpoints: array_map(
                static fn(array $point): array => [
                    'on' => $point['on'],
                    'fraction' => self::fraction((string) $point['percent']),
                ],
                $checkpoints,
            ),
            group: $this->number('group'),
            longTermGoal: $this->number('longTermGoal'),
            quarters: Ids::in($this, 'quarters'),
            predecessor: $this->number('predecessor'),
            isFromToday: $this->filled('fromToday') ? $this->string('fromToday')->toString() === 'yes' : null,
        );
    }

    private function measure(): MeasureDraft
    {
        return new MeasureDraft(
            kind: $this->enum('measure', MeasureKind::class) ?? MeasureKind::Work,
            start: $this->words('start'),
            target: $this->words('target'),
            limit: $this->words('limit'),
            sense: $this->enum('sense', Sense::class) ?? Sense::AtLeast,
            share: $this->filled('share') ? self::fraction($this->string('share')->toString()) : '0.8',
            unit: $this->words('unit'),
            tasksWeight: $this->words('tasksWeight') ?? '1',
        );
    }

    /** A percentage as a fraction of 1, both as decimals. */
    private static function fraction(string $percent): string
    {
        return Decimal::of(((float) $percent) / 100);
    }

    protected function there(): ?array
    {
        $goal = $this->route('goal');

        return $goal instanceof Goal ? get_object_vars(app(GoalFormPage::class)->filled($this->me(), $goal)->goal) : null;
    }
}
