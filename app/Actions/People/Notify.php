<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\Goal;
use App\Models\Occasion;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reach;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Telling;
use App\Models\Wish;
use App\Queries\Parts\Address;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use Loftrin\Core\People\Mentions;

/** Tells people what somebody did, each where they want to hear of it, as a part of the change. */
final readonly class Notify
{
    public function __construct(private Mailbox $mailbox, private Everybody $everybody)
    {
    }

    /**
     * Tells some people, and whoever is spoken to in the words.
     *
     * @param list<int> $people ids
     * @param Occasion $occasion for those who are not spoken to
     */
    public function all(Person $by, array $people, Occasion $occasion, Goal|Task|Project $about, string $words): void
    {
        $everybody = $this->everybody->all()->sortKeys();
        $mentioned = Mentions::in($words, $everybody->map(static fn(Person $person): string => $person->name)->all());
        $told = $everybody->only([...$people, ...$mentioned]);
        $wishes = Wish::query()->whereIn('person_id', $told->modelKeys())->get();

        foreach ($told as $person) {
            $this->tell(
                by: $by,
                to: $person,
                occasion: in_array($person->id, $mentioned, true) ? Occasion::Mentioned : $occasion,
                about: $about,
                words: $words,
                wishes: $wishes,
            );
        }
    }

    /**
     * Tells one person. Whoever did it themselves, or may not see what it is about, is told nothing.
     *
     * @param string $words what was done, after the name of who did it: "said: the float is back"
     */
    public function __invoke(Person $by, Person $to, Occasion $occasion, Goal|Task|Project $about, string $words): void
    {
        $this->tell(
            by: $by,
            to: $to,
            occasion: $occasion,
            about: $about,
            words: $words,
            wishes: Wish::query()->where('person_id', $to->id)->get(),
        );
    }

    /** @param Collection<int, Wish> $wishes theirs among them */
    private function tell(Person $by, Person $to, Occasion $occasion, Goal|Task|Project $about, string $words, Collection $wishes): void
    {
        if ($to->id === $by->id || ! $about->isVisibleTo($to)) {
            return;
        }

        match (($reach = Wish::among($wishes, $to->id, $occasion))) {
            Reach::Nowhere => null,
            Reach::Mail => $this->mailbox->send($to, $about->title, "{$by->name} $words\n\n".Address::of($about, true)),
            Reach::News, Reach::Morning => Telling::query()->create([
                ...match (true) {
                    $about instanceof Goal => ['goal_id' => $about->id],
                    $about instanceof Task => ['task_id' => $about->id],
                    default => ['project_id' => $about->id],
                },
                'person_id' => $to->id,
                'by_id' => $by->id,
                'words' => Str::limit($words, 280, '…'),
                'for_letter' => $reach === Reach::Morning,
            ]),
        };
    }
}
