<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Contact;
use App\Queries\Props;

final readonly class ContactRow implements Props
{
    public function __construct(public int $id, public string $name, public string $what, public string $email, public string $phone)
    {
    }

    public static function of(Contact $contact): self
    {
        return new self($contact->id, $contact->name, $contact->what ?? '', $contact->email ?? '', $contact->phone ?? '');
    }
}
