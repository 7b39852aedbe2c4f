<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Exchange\Mailbox;
use App\Models\Contact;
use App\Models\Membership;
use App\Models\Person;
use App\Models\Recipient;
use App\Models\Report;
use App\Queries\Reviews\ReportFigures;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** Sends a report, with its figures as of that moment. What is sent cannot be taken back: it is no step. */
final readonly class SendReport
{
    public function __construct(private ChangeLog $log, private Mailbox $mailbox, private ReportFigures $figures)
    {
    }

    /**
     * @param list<int> $people
     * @param list<int> $groups whoever is in them today
     * @param list<int> $contacts
     *
     * @return int how many it was sent to
     *
     * @throws RefusedChange when it was sent before, says nothing, would reach nobody, or a contact has no e-mail address
     */
    public function __invoke(Report $report, array $people, array $groups, array $contacts): int
    {
        $by = $report->person;

        return $this->log->change(
            $by,
            "Sent “{$report->title}”",
            function () use ($report, $by, $people, $groups, $contacts): int {
                WriteReport::refuseSent($report->refresh());
                $to = self::people($by, $people, $groups);
                $outside = Contact::query()->whereKey($contacts)->orderBy('name')->get();
                $this->refuse($report, $to, $outside);
                $text = $this->figures->filled($report);
                $report->update(['sent_at' => Carbon::now(), 'sent_words' => $text]);

                foreach ($to as $person) {
                    $this->mailbox->send($person, $report->title, $text);
                    Recipient::query()->create(['report_id' => $report->id, 'person_id' => $person->id]);
                }

                foreach ($outside as $contact) {
                    $address = "{$contact->name} <{$contact->email}>";
                    $this->mailbox->sendOutside($by, $address, $report->title, $text);
                    Recipient::query()->create(['report_id' => $report->id, 'outside' => $address]);
                }

                return $to->count() + $outside->count();
            },
            isStep: false,
        );
    }

    /**
     * @param list<int> $people
     * @param list<int> $groups
     *
     * @return Collection<int, Person> who can sign in, without the sender
     */
    private static function people(Person $by, array $people, array $groups): Collection
    {
        return Person::query()
            ->whereNull('deactivated_on')
            ->whereKeyNot($by->id)
            ->where(
                static fn($either) => $either
                    ->whereKey($people)
                    ->orWhereIn('id', Membership::query()->whereIn('group_id', $groups)->select('person_id')),
            )
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /**
     * @param Collection<int, Person> $to
     * @param Collection<int, Contact> $outside
     */
    private function refuse(Report $report, Collection $to, Collection $outside): void
    {
        if (trim($report->words) === '') {
            throw new RefusedChange('words', 'This report has no text yet.');
        }

        if ($to->isEmpty() && $outside->isEmpty()) {
            throw new RefusedChange('to', 'Choose at least one person to send it to.');
        }

        $unreachable = $outside->first(static fn(Contact $contact): bool => ($contact->email ?? '') === '');

        if ($unreachable !== null) {
            throw new RefusedChange('to', "{$unreachable->name} has no e-mail address. Nothing was sent.");
        }
    }
}
