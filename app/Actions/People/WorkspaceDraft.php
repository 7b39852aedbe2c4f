<?php

declare(strict_types=1);

namespace App\Actions\People;

/** What is said of a workspace and its first lead. */
final readonly class WorkspaceDraft
{
    /**
     * @param string $timezone as Europe/Copenhagen
     * @param int $yearStartsIn the month, 1 to 12
     */
    public function __construct(
        public string $organisation,
        public string $timezone,
        public int $yearStartsIn,
        public string $name,
        public string $email,
        public string $password,
    ) {
    }
}
