<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\Delivery;
use App\Models\Jot;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A letter of each thing whose return date has come, to whoever wants one: once, at its minute, or in the morning if it has none. */
final readonly class SendReturned
{
    /** When those go out that have no time, on the wall clock. */
    public const MORNING = '06:00';

    public function __construct(private Workspace $workspace, private Mailbox $mailbox)
    {
    }

    public function __invoke(): void
    {
        DB::transaction(function (): void {
            $today = $this->workspace->today();
            $due = Jot::query()
                ->returningBy(Delivery::Mail)
                ->whereNull('told_at')
                ->where(
                    fn(Builder $either) => $either
                        ->where(
                            fn(Builder $now) => $now
                                ->where('return_on', (string) $today)
                                ->whereRaw('coalesce(return_at, ?) <= ?', [self::MORNING, $this->workspace->now()->format('H:i')]),
                        )
                        // What came while nothing ran is told late; what is older stands on the day's page.
                        ->orWhere('return_on', (string) $today->plus(-1)),
                )
                ->orderBy('return_on')
                ->orderBy('return_at')
                ->orderBy('id')
                ->with('person')
                ->get();

            foreach ($due as $jot) {
                $this->mailbox->send(
                    $jot->person,
                    $jot->words,
                    trim("Return date reached on {$jot->return_on}, {$jot->return_at}", ', ').'.',
                );
            }

            // Not a change that anybody makes: it stands in no log, and no undo takes a letter back.
            Jot::query()
                ->whereKey($due->modelKeys())
                ->toBase()
                ->update(['told_at' => Carbon::now()]);
        });
    }
}
