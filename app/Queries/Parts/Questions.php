<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Area;
use App\Models\AreaKind;
use App\Models\Person;
use App\Models\ReviewQuestion;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Reviews\AskedQuestion;
use Loftrin\Core\Reviews\QuestionBank;

/** What a person is asked in their reviews. */
final readonly class Questions
{
    /** @return list<AskedQuestion> with those that rest, in their order */
    public static function of(Horizon $horizon, Person $person): array
    {
        $kept = ReviewQuestion::query()
            ->where('person_id', $person->id)
            ->where('horizon', $horizon)
            ->orderBy('place')
            ->orderBy('id')
            ->get();
        $roles = Area::query()->where('kind', AreaKind::Role)->where('owner_id', $person->id)->orderBy('name')->get();

        return QuestionBank::of(
            $horizon,
            $roles->mapWithKeys(static fn(Area $role): array => ["role-$role->id" => $role->name])->all(),
            $kept->whereNotNull('words')->mapWithKeys(static fn(ReviewQuestion $own): array => [$own->key => (string) $own->words])->all(),
            $kept->mapWithKeys(static fn(ReviewQuestion $each): array => [$each->key => $each->place])->all(),
            array_values($kept->where('is_resting', true)->map(static fn(ReviewQuestion $each): string => $each->key)->all()),
        );
    }

    /** The words of a question that was ever asked of them, whatever became of it since. */
    public static function words(string $key, Person $person): ?string
    {
        foreach (Horizon::cases() as $horizon) {
            foreach (self::of($horizon, $person) as $question) {
                if ($question->key === $key) {
                    return $question->words;
                }
            }
        }

        return null;
    }
}
