<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use Loftrin\Core\Work\Contribution;

/** Reads which goals a record serves or served, and on which days. */
final readonly class LinkReader
{
    public function __construct(private Sections $sections)
    {
    }

    /** @return list<Contribution> */
    public function serves(Record $record): array
    {
        $serves = [];

        foreach ($record->records('serves') as $link) {
            $goal = $this->sections->link($record, 'serves', 'goals', $link->required('goal'));
            $contribution =
                $goal === null
                    ? null
                    : $record->make(
                        static fn(): Contribution => new Contribution(
                            $goal,
                            $link->number('weight'),
                            $link->day('from'),
                            $link->day('until'),
                        ),
                    );

            if (isset($serves[$goal ?? ''])) {
                $record->fault("serves $goal twice");
            }

            if ($contribution !== null) {
                $serves[$contribution->goal] = $contribution;
            }
        }

        return array_values($serves);
    }

    /** @return list<Contribution> where a task stood before, in order */
    public function formerly(Record $record): array
    {
        $stays = [];

        foreach ($record->records('formerly') as $stay) {
            $goal = $this->sections->link($record, 'formerly', 'goals', $stay->required('goal'));
            $until = $stay->requiredDay('until');

            if ($goal !== null && $until !== null) {
                $stays[] = $record->make(static fn(): Contribution => new Contribution($goal, from: $stay->day('since'), until: $until));
            }
        }

        return array_values(array_filter($stays));
    }
}
