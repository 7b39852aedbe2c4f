<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Parts\Notify;
use App\Models\Comment;
use App\Models\Issue;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** What is said of an issue before, between and after its meetings. */
final readonly class CommentOnIssue
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private Notify $notify)
    {
    }

    /** Whoever raised it, said something before or is mentioned hears of it, if they may see it. */
    public function __invoke(Person $who, Issue $issue, string $words): void
    {
        $this->log->change($who, "Commented on “{$issue->title}”", function () use ($who, $issue, $words): void {
            $before = $issue->comments()->get()->map(static fn(Comment $comment): int => $comment->person_id)->all();
            Comment::query()->create([
                'issue_id' => $issue->id,
                'person_id' => $who->id,
                'on' => $this->workspace->today(),
                'words' => $words,
            ]);
            $this->notify->all($who, [$issue->raised_by, ...array_values($before)], NotificationEvent::Comment, $issue, "said: $words");
        });
    }
}
