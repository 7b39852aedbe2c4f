<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\AgreedChange;
use App\Models\Participant;
use App\Models\Person;
use App\Models\Retrospective;
use App\Models\RetrospectiveAnswer;
use App\Models\RetrospectiveQuestion;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Reviews\Answers\AgreedRow;
use App\Queries\Reviews\Answers\AskedOfAll;
use App\Queries\Reviews\Answers\RetrospectiveLine;
use App\Queries\Reviews\Answers\RetrospectivesView;
use App\Queries\Reviews\Answers\RetrospectiveView;
use App\Queries\Reviews\Answers\SaidOfAll;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Reviews\ChangeVerdict;

/** Retrospectives, as one of those who take part sees them. */
final readonly class RetrospectivePage
{
    private const USUAL = ['What went well?', 'What did not?', 'What surprised us?', 'What do we do differently?'];

    public function __construct(private Choices $choices)
    {
    }

    public function all(Person $viewer): RetrospectivesView
    {
        $all = Retrospective::query()
            ->attendedBy($viewer)
            ->with(['project', 'changes', 'person'])
            ->orderByDesc('on')
            ->orderByDesc('id')
            ->get();
        $asked = RetrospectiveQuestion::query()
            ->where('retrospective_id', $all->firstWhere('person_id', $viewer->id)->id ?? 0)
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->map(static fn(RetrospectiveQuestion $question): string => $question->words)
            ->all();

        return new RetrospectivesView(
            array_values($all->map(static fn(Retrospective $one): RetrospectiveLine => RetrospectiveLine::of($one, $viewer))->all()),
            $this->choices->projects($viewer),
            PersonTag::all(),
            $asked === [] ? self::USUAL : array_values($asked),
        );
    }

    public function of(Retrospective $retrospective, Person $viewer): RetrospectiveView
    {
        $questions = $retrospective->questions()->with('answers.person')->get();

        return new RetrospectiveView(
            retrospective: RetrospectiveLine::of($retrospective, $viewer),
            holds: $retrospective->person_id === $viewer->id,
            participants: array_values(
                $retrospective
                    ->participants()
                    ->with('person')
                    ->get()
                    ->map(static fn(Participant $participant): PersonTag => PersonTag::of($participant->person))
                    ->all(),
            ),
            written: self::written($questions),
            questions: array_values(
                $questions
                    ->map(
                        static fn(RetrospectiveQuestion $question): AskedOfAll => self::asked(
                            $question,
                            $viewer,
                            $retrospective->shown_at !== null,
                        ),
                    )
                    ->all(),
            ),
            changes: self::rows($retrospective->changes()->getQuery()),
            earlier: self::rows(self::earlier($retrospective, $viewer)),
        );
    }

    private static function asked(RetrospectiveQuestion $question, Person $viewer, bool $isShown): AskedOfAll
    {
        $said = static fn(RetrospectiveAnswer $answer): SaidOfAll => new SaidOfAll(PersonTag::of($answer->person), $answer->words);
        $others = $question->answers->where('person_id', '<>', $viewer->id)->where('words', '<>', '');

        return new AskedOfAll(
            $question->id,
            $question->words,
            $question->answers->firstWhere('person_id', $viewer->id)->words ?? '',
            $isShown ? array_values($others->map($said)->all()) : [],
        );
    }

    /**
     * @param Collection<int, RetrospectiveQuestion> $questions
     *
     * @return list<int>
     */
    private static function written(Collection $questions): array
    {
        $people = [];

        foreach ($questions as $question) {
            foreach ($question->answers->where('words', '<>', '') as $answer) {
                $people[$answer->person_id] = $answer->person_id;
            }
        }

        return array_values($people);
    }

    /**
     * Changes of finished retrospectives before this one in which the viewer took part: of the same project, or of the same person
     * who holds it where it is about none. Those that were judged for good are over.
     *
     * @return Builder<AgreedChange>
     */
    private static function earlier(Retrospective $retrospective, Person $viewer): Builder
    {
        return AgreedChange::query()
            ->where(
                static fn(Builder $open) => $open
                    ->whereNull('verdict')
                    ->orWhere('verdict', ChangeVerdict::Early)
                    ->orWhere('updated_at', '>=', $retrospective->created_at),
            )
            ->whereHas(
                'retrospective',
                static fn(Builder $former) => $former
                    ->attendedBy($viewer)
                    ->whereKeyNot($retrospective->id)
                    ->whereNotNull('finished_at')
                    ->where('id', '<', $retrospective->id)
                    ->when(
                        $retrospective->project_id === null,
                        static fn(Builder $any) => $any->whereNull('project_id')->where('person_id', $retrospective->person_id),
                        static fn(Builder $any) => $any->where('project_id', $retrospective->project_id),
                    ),
            );
    }

    /**
     * @param Builder<AgreedChange> $changes
     *
     * @return list<AgreedRow>
     */
    private static function rows(Builder $changes): array
    {
        return array_values(
            $changes
                ->with(['task.owner', 'retrospective'])
                ->orderBy('id')
                ->get()
                ->map(AgreedRow::of(...))
                ->all(),
        );
    }
}
