<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\Delivery;
use App\Models\Jot;
use App\Models\Notification;
use App\Models\Person;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** One letter each morning to whoever wants it: what they were told since the last one, and what they are to be reminded of. */
final readonly class SendMorningLetters
{
    public function __construct(private Workspace $workspace, private Mailbox $mailbox)
    {
    }

    public function __invoke(): void
    {
        DB::transaction(function (): void {
            $told = Notification::query()
                ->where('for_letter', true)
                ->with(['by', 'goal', 'task', 'project', 'issue.series'])
                ->orderBy('id')
                ->get()
                ->groupBy('person_id');
            $returned = Jot::query()
                ->returningBy(Delivery::Morning)
                ->where('return_on', '<=', (string) $this->workspace->today())
                ->orderBy('return_on')
                ->get()
                ->groupBy('person_id');

            foreach (
                Person::query()
                    ->whereKey([...$told->keys()->all(), ...$returned->keys()->all()])
                    ->get() as $person
            ) {
                $lines = [
                    ...$returned->get($person->id)?->map(static fn(Jot $jot): string => trim("$jot->return_at $jot->words"))->all() ?? [],
                    ...$told
                        ->get($person->id)
                        // What was hidden since is not told any more.
                        ?->filter(static fn(Notification $notification): bool => $notification->about()->isVisibleTo($person))
                        ->map(
                            static fn(Notification $notification): string => '“'.
                                $notification->about()->title.
                                "”: {$notification->by->name} $notification->words",
                        )
                        ->all() ?? [],
                ];
                $this->mailbox->send($person, "Your morning, {$this->workspace->today()}", implode("\n", $lines));
            }

            Notification::query()
                ->where('for_letter', true)
                ->update(['for_letter' => false, 'read_at' => Carbon::now()]);
        });
    }
}
