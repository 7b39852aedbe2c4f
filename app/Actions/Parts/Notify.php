<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Exchange\Mailbox;
use App\Models\Delivery;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Notification;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Task;
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
     * @param NotificationEvent $event for those who are not spoken to
     */
    public function all(Person $by, array $people, NotificationEvent $event, Goal|Task|Project|Issue $about, string $words): void
    {
        $everybody = $this->everybody->all()->sortKeys();
        $mentioned = Mentions::in($words, $everybody->map(static fn(Person $person): string => $person->name)->all());
        $told = $everybody->only([...$people, ...$mentioned]);
        $choices = NotificationChoice::query()->whereIn('person_id', $told->modelKeys())->get();

        foreach ($told as $person) {
            $this->tell(
                by: $by,
                to: $person,
                event: in_array($person->id, $mentioned, true) ? NotificationEvent::Mentioned : $event,
                about: $about,
                words: $words,
                choices: $choices,
            );
        }
    }

    /**
     * Tells one person. Whoever did it themselves, or may not see what it is about, is told nothing.
     *
     * @param string $words what was done, after the name of who did it: "said: the float is back"
     */
    public function __invoke(Person $by, Person $to, NotificationEvent $event, Goal|Task|Project $about, string $words): void
    {
        $this->tell(
            by: $by,
            to: $to,
            event: $event,
            about: $about,
            words: $words,
            choices: NotificationChoice::query()->where('person_id', $to->id)->get(),
        );
    }

    /** @param Collection<int, NotificationChoice> $choices theirs among them */
    private function tell(
        Person $by,
        Person $to,
        NotificationEvent $event,
        Goal|Task|Project|Issue $about,
        string $words,
        Collection $choices,
    ): void {
        if ($to->id === $by->id || ! $about->isVisibleTo($to)) {
            return;
        }

        match (($delivery = NotificationChoice::among($choices, $to->id, $event))) {
            Delivery::Nowhere => null,
            Delivery::Mail => $this->mailbox->send($to, $about->title, "{$by->name} $words\n\n".Address::of($about, true)),
            Delivery::Updates, Delivery::Morning => Notification::query()->create([
                ...match (true) {
                    $about instanceof Goal => ['goal_id' => $about->id],
                    $about instanceof Task => ['task_id' => $about->id],
                    $about instanceof Issue => ['issue_id' => $about->id],
                    default => ['project_id' => $about->id],
                },
                'person_id' => $to->id,
                'by_id' => $by->id,
                'words' => Str::limit($words, 280, '…'),
                'for_letter' => $delivery === Delivery::Morning,
            ]),
        };
    }
}
