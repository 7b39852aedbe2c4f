<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Person;

/** Sends letters. What ships keeps them to be read in the application; a real one can take its place. */
interface Mailbox
{
    public function send(Person $to, string $subject, string $body): void;

    /** @param string $to somebody without an account: "Astrid Holm <astrid@harbour.example>" */
    public function sendOutside(Person $by, string $to, string $subject, string $body): void;
}
