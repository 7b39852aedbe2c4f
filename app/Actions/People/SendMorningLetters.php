<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\Delivery;
use App\Models\Notification;
use App\Models\Person;
use App\Models\Reminder;
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
                ->with(['by', 'goal', 'task', 'project'])
                ->orderBy('id')
                ->get()
                ->groupBy('person_id');
            $reminders = Reminder::query()
                ->openBy(Delivery::Morning)
                ->where('on', '<=', (string) $this->workspace->today())
                ->orderBy('on')
                ->get()
                ->groupBy('person_id');

            foreach (
                Person::query()
                    ->whereKey([...$told->keys()->all(), ...$reminders->keys()->all()])
                    ->get() as $person
            ) {
                $lines = [
                    ...$reminders
                        ->get($person->id)
                        ?->map(static fn(Reminder $reminder): string => trim("$reminder->at $reminder->words"))
                        ->all() ?? [],
                    ...$told
                        ->get($person->id)
                        ?->map(
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
