<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Meetings\IssueDraft;
use App\Models\Issue;
use Illuminate\Validation\Rule;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Work\Rank;

/** What can be said of an issue. */
final class IssueFields extends Fields
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...Lines::rulesOf($this, 'title', 200),
            'context' => ['nullable', 'string', 'max:5000'],
            'source' => ['nullable', 'string', 'max:500'],
            'need' => ['nullable', Rule::enum(Need::class)],
            'rank' => ['nullable', Rule::enum(Rank::class)],
            'minutes' => ['nullable', 'integer', 'between:1,600'],
            'goal' => ['nullable', 'integer'],
            'project' => ['nullable', 'integer'],
            'task' => ['nullable', 'integer'],
            'forOn' => ['nullable', new ValidDay()],
        ];
    }

    /** @param ?string $title where it is another than the field says */
    public function draft(?string $title = null): IssueDraft
    {
        return new IssueDraft(
            title: $title ?? $this->string('title')->toString(),
            context: $this->words('context'),
            source: $this->words('source'),
            need: $this->enum('need', Need::class) ?? Need::Decision,
            rank: $this->enum('rank', Rank::class),
            minutes: $this->number('minutes'),
            goal: $this->number('goal'),
            project: $this->number('project'),
            task: $this->number('task'),
            for: $this->day('forOn'),
        );
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...Lines::MESSAGES,
            'title.required' => 'Say what needs discussing.',
            'title.required_without' => 'Say what needs discussing.',
        ];
    }

    protected function there(): ?array
    {
        $issue = $this->route('issue');

        return $issue instanceof Issue
            ? [
                'title' => $issue->title,
                'context' => $issue->context,
                'source' => $issue->source,
                'need' => $issue->need,
                'rank' => $issue->rank,
                'minutes' => $issue->minutes,
                'goal' => $issue->goal_id,
                'project' => $issue->project_id,
                'task' => $issue->task_id,
                'forOn' => $issue->for_on,
            ]
            : null;
    }
}
