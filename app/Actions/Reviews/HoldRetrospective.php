<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Actions\Parts\SeenWork;
use App\Models\Participant;
use App\Models\Person;
use App\Models\Project;
use App\Models\Retrospective;
use App\Models\RetrospectiveQuestion;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;

/** A retrospective from its questions until it is finished. */
final readonly class HoldRetrospective
{
    /** The most questions that are read by people to the end. */
    private const MOST = 12;

    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange without a question, with more than people answer, or about a project that some of them cannot see */
    public function begin(Person $who, RetrospectiveDraft $draft): Retrospective
    {
        self::refuseCount($draft->questions);
        self::refuseUnseen($who, $draft);

        return $this->log->change($who, "Began “{$draft->title}”", function () use ($who, $draft): Retrospective {
            $retrospective = Retrospective::query()->create([
                'person_id' => $who->id,
                'title' => $draft->title,
                'on' => $this->workspace->today(),
                'project_id' => $draft->project,
                'first' => $draft->span?->first,
                'last' => $draft->span?->last,
            ]);

            foreach (array_unique([$who->id, ...$draft->people]) as $person) {
                Participant::query()->create(['retrospective_id' => $retrospective->id, 'person_id' => $person]);
            }

            foreach ($draft->questions as $position => $words) {
                RetrospectiveQuestion::query()->create([
                    'retrospective_id' => $retrospective->id,
                    'position' => $position,
                    'words' => $words,
                ]);
            }

            return $retrospective;
        });
    }

    /** Lets everybody see what all wrote. */
    public function show(Retrospective $retrospective): void
    {
        $this->log->change($retrospective->person, "Showed what everybody wrote in “{$retrospective->title}”", static function () use (
            $retrospective,
        ): void {
            $retrospective->refresh();
            self::refuseFinished($retrospective);
            $retrospective->update(['shown_at' => $retrospective->shown_at ?? Carbon::now()]);
        });
    }

    /** @throws RefusedChange while not everything is shown, or when it is finished already */
    public function finish(Retrospective $retrospective): void
    {
        $this->log->change($retrospective->person, "Finished “{$retrospective->title}”", static function () use ($retrospective): void {
            $retrospective->refresh();
            self::refuseFinished($retrospective);

            if ($retrospective->shown_at === null) {
                throw new RefusedChange('retrospective', 'Show everybody what was written first.');
            }

            $retrospective->update(['finished_at' => Carbon::now()]);
        });
    }

    public function reopen(Retrospective $retrospective): void
    {
        $this->log->change(
            $retrospective->person,
            "Reopened “{$retrospective->title}”",
            static fn() => $retrospective->refresh()->update(['finished_at' => null]),
        );
    }

    /** @throws RefusedChange when others wrote in it, or it is finished */
    public function delete(Retrospective $retrospective): void
    {
        $this->log->change($retrospective->person, "Deleted “{$retrospective->title}”", static function () use ($retrospective): void {
            $retrospective->refresh();
            self::refuseFinished($retrospective);

            $questions = $retrospective->questions()->with('answers')->get();
            $answers = $questions->flatMap(static fn(RetrospectiveQuestion $question) => $question->answers);

            if ($answers->where('person_id', '<>', $retrospective->person_id)->isNotEmpty()) {
                throw new RefusedChange('retrospective', 'Others have written in it, so it cannot be deleted.');
            }

            // Each is logged as it goes, so that it can come back.
            foreach ([...$retrospective->changes, ...$answers, ...$questions, ...$retrospective->participants] as $part) {
                $part->delete();
            }

            $retrospective->delete();
        });
    }

    /** @throws RefusedChange when it is finished */
    public static function refuseFinished(Retrospective $retrospective): void
    {
        if ($retrospective->finished_at !== null) {
            throw new RefusedChange('retrospective', 'This retrospective is finished. Whoever holds it can reopen it.');
        }
    }

    /** What it is about is seen by all who take part. */
    private static function refuseUnseen(Person $who, RetrospectiveDraft $draft): void
    {
        $project = $draft->project === null ? null : Project::query()->visibleTo($who)->find($draft->project);

        if ($draft->project !== null && $project === null) {
            throw new RefusedChange('project', 'This project no longer exists.');
        }

        foreach ($draft->people as $person) {
            SeenWork::admit($project, $person, 'project');
        }
    }

    /** @param list<string> $questions */
    private static function refuseCount(array $questions): void
    {
        if ($questions === []) {
            throw new RefusedChange('questions', 'Ask at least one question.');
        }

        if (count($questions) > self::MOST) {
            throw new RefusedChange('questions', 'Ask no more than '.self::MOST.' questions.');
        }
    }
}
