<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Person;
use App\Models\Role;
use App\Store\ChangeLog;

final readonly class AddPerson
{
    public function __construct(private ChangeLog $log)
    {
    }

    public function __invoke(Person $who, string $name, string $email, Role $role, int $weeklyHours): Person
    {
        return $this->log->change(
            $who,
            "Added $name",
            static fn(): Person => Person::query()->create([
                'name' => $name,
                'initials' => self::initials($name),
                'email' => mb_strtolower($email),
                'role' => $role,
                'weekly_hours' => $weeklyHours,
            ]),
        );
    }

    /** The first letters of the first and the last name. */
    public static function initials(string $name): string
    {
        $words = explode(' ', (string) preg_replace('/\s+/', ' ', trim($name)));
        $letters = count($words) > 1 ? [$words[0], $words[count($words) - 1]] : [$words[0]];

        return mb_strtoupper(implode('', array_map(static fn(string $word): string => mb_substr($word, 0, 1), $letters)));
    }
}
