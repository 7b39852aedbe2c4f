<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Issue;
use App\Models\Workspace;
use Loftrin\Core\Meetings\Outcome;

/** Issues whose day has come are back on the agenda of their meeting, one meeting older. */
final readonly class BringBackIssues
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function __invoke(): void
    {
        $due = Issue::query()->where('outcome', Outcome::Shelved)->where('return_on', '<=', (string) $this->workspace->today());

        foreach ($due->orderBy('id')->get() as $issue) {
            $issue->update(['outcome' => null, 'settled_on' => null, 'return_on' => null, 'waited' => $issue->waited + 1, 'place' => null]);
        }
    }
}
