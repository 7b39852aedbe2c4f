<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\Goal;
use App\Models\Occasion;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reach;
use App\Models\Task;
use App\Models\Telling;
use App\Models\Wish;
use Illuminate\Support\Str;

/** Tells one person what somebody did, where they want to hear of it, as a part of the change. */
final readonly class Notify
{
    public function __construct(private Mailbox $mailbox)
    {
    }

    /**
     * Whoever did it themselves, or may not see what it is about, is told nothing.
     *
     * @param string $words what was done, after the name of who did it: "said: the float is back"
     */
    public function __invoke(Person $by, Person $to, Occasion $occasion, Goal|Task|Project $about, string $words): void
    {
        $reach = Wish::of($to->id, $occasion);

        if ($to->id === $by->id || $reach === Reach::Nowhere || ! $about->isVisibleTo($to)) {
            return;
        }

        if ($reach === Reach::Mail) {
            $this->mailbox->send($to, $about->title, "{$by->name} $words\n\n".self::address($about));

            return;
        }

        Telling::query()->create([
            ...match (true) {
                $about instanceof Goal => ['goal_id' => $about->id],
                $about instanceof Task => ['task_id' => $about->id],
                default => ['project_id' => $about->id],
            },
            'person_id' => $to->id,
            'by_id' => $by->id,
            'words' => Str::limit($words, 280, '…'),
            'for_letter' => $reach === Reach::Morning,
        ]);
    }

    private static function address(Goal|Task|Project $about): string
    {
        return match (true) {
            $about instanceof Goal => route('goals.show', $about),
            $about instanceof Task => route('tasks.show', $about),
            default => route('projects.show', $about),
        };
    }
}
