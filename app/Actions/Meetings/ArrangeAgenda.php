<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Issue;
use App\Models\Person;
use App\Models\Series;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Gives the issues of the next meeting an order by hand, in place of the one that is worked out. */
final readonly class ArrangeAgenda
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param list<int> $issues in the order wanted; none for the order that is worked out
     * @param list<int> $seen those that had an order by hand when this one was made, in that order
     *
     * @throws RefusedChange when one of them is not open in this series any more, or somebody else gave them another order
     */
    public function __invoke(Person $who, Series $series, array $issues, array $seen): void
    {
        $open = $series->openIssues()->get()->keyBy('id');

        if (Issue::arranged($open) !== $seen) {
            throw new RefusedChange(
                'issues',
                'Somebody reordered this agenda meanwhile. It has been loaded again: move the issue once more.',
            );
        }

        foreach ($issues as $id) {
            if (! $open->has($id)) {
                throw new RefusedChange('issues', 'One of these issues was settled or moved meanwhile. The agenda has been loaded again.');
            }
        }

        $words = ($issues === [] ? 'Put back the usual order of' : 'Rearranged')." the agenda of “{$series->title}”";
        $this->log->change($who, $words, static function () use ($open, $issues): void {
            foreach ($open as $issue) {
                $place = array_search($issue->id, $issues, true);
                $issue->update(['place' => $place === false ? null : $place + 1]);
            }
        });
    }
}
