<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Letter;
use App\Models\Person;
use Illuminate\Support\Str;

/** The mailbox that stands in for a real one: it keeps what is sent. */
final readonly class KeptMailbox implements Mailbox
{
    public function send(Person $to, string $subject, string $body): void
    {
        self::keep(['person_id' => $to->id], $subject, $body);
    }

    public function sendOutside(Person $by, string $to, string $subject, string $body): void
    {
        self::keep(['outside' => $to, 'by_id' => $by->id], $subject, $body);
    }

    /** @param array<string, int|string> $who */
    private static function keep(array $who, string $subject, string $body): void
    {
        // Quietly: a letter that is out is in no change, and no undo fetches it back.
        Letter::withoutEvents(
            static fn(): Letter => Letter::query()->create([...$who, 'subject' => Str::limit($subject, 290, '…'), 'body' => $body]),
        );
    }
}
