<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Area;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Project;
use App\Models\Series;
use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Meetings\Answers\MeetingsBeside;
use App\Queries\Parts\Answers\Option;
use Illuminate\Database\Eloquent\Builder;

/** The meetings of a project or an area, what is to be discussed of it and what was decided, as far as one may know of them. */
final readonly class MeetingsOf
{
    /** How many decisions are shown. */
    private const DECISIONS = 5;

    public function __construct(private DecisionsPage $register)
    {
    }

    public function of(Project|Area $what, Person $viewer): MeetingsBeside
    {
        $column = $what instanceof Project ? 'project_id' : 'area_id';
        $projects =
            $what instanceof Project
                ? Project::query()->whereKey($what->id)->select('id')
                : Project::query()->where('area_id', $what->id)->select('id');
        $known = Series::query()->visibleTo($viewer)->select('id');
        $own = Series::query()->visibleTo($viewer)->where($column, $what->id);

        return new MeetingsBeside(
            meetings: array_values(
                (clone $own)
                    ->orderBy('title')
                    ->get()
                    ->map(static fn(Series $series): Option => new Option(route('series.show', $series, false), $series->title))
                    ->all(),
            ),
            issues: array_values(
                Issue::query()
                    ->whereNull('outcome')
                    ->whereIn('series_id', $known)
                    ->where(
                        static fn(Builder $either) => $either
                            ->whereIn('project_id', $projects)
                            ->orWhereIn('series_id', (clone $own)->select('id')),
                    )
                    ->orderBy('id')
                    ->get()
                    ->map(static fn(Issue $issue): Option => new Option(route('issues.show', $issue, false), $issue->title))
                    ->all(),
            ),
            decisions: $this->decisions($viewer, $projects, (clone $own)->select('id')),
        );
    }

    /**
     * @param Builder<Project> $projects
     * @param Builder<Series> $own
     *
     * @return list<DecisionLine>
     */
    private function decisions(Person $viewer, Builder $projects, Builder $own): array
    {
        return $this->register->lines(
            DecisionsPage::visibleTo($viewer)
                ->where(
                    static fn(Builder $either) => $either
                        ->whereIn('project_id', $projects)
                        ->orWhereHas(
                            'agendaItem',
                            static fn(Builder $items) => $items
                                ->whereIn('meeting_id', Meeting::query()->whereIn('series_id', $own)->select('id'))
                                ->orWhereIn('issue_id', Issue::query()->whereIn('project_id', $projects)->select('id')),
                        ),
                )
                ->limit(self::DECISIONS),
            $viewer,
        );
    }
}
