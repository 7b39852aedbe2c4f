<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\People\Answers\Account;
use App\Queries\People\Answers\SessionRow;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. */
final readonly class AccountPage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer, string $session): Account
    {
        $rows = DB::table('sessions')
            ->where('user_id', $viewer->id)
            ->orderByDesc('last_activity')
            ->get(['id', 'ip_address', 'user_agent', 'last_activity']);

        return new Account(
            $viewer->email,
            array_values(
                array_map(
                    fn(object $row): SessionRow => $this->row(
                        (string) $row->id === $session,
                        (string) $row->user_agent,
                        (string) $row->ip_address,
                        (int) $row->last_activity,
                    ),
                    $rows->all(),
                ),
            ),
        );
    }

    private function row(bool $isThis, string $agent, string $address, int $at): SessionRow
    {
        $moment = Carbon::createFromTimestamp($at);

        return new SessionRow(
            $isThis,
            self::device($agent),
            $address,
            $this->workspace->wallDay($moment),
            $this->workspace->wallTime($moment),
        );
    }

    /** What a browser calls itself, in two words. */
    private static function device(string $agent): string
    {
        $find = static fn(array $names): ?string => array_values(
            array_filter($names, static fn(string $sign): bool => str_contains($agent, $sign), ARRAY_FILTER_USE_KEY),
        )[0] ?? null;
        $browser = $find(['Firefox/' => 'Firefox', 'Edg/' => 'Edge', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari']);
        $system = $find([
            'iPhone' => 'iPhone',
            'iPad' => 'iPad',
            'Android' => 'Android',
            'Windows' => 'Windows',
            'Mac OS' => 'Mac',
            'Linux' => 'Linux',
        ]);

        return trim(($browser ?? 'A browser').($system === null ? '' : " on $system"));
    }
}
