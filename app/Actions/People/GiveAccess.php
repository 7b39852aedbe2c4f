<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exchange\Mailbox;
use App\Models\AccessLink;
use App\Models\Person;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use SensitiveParameter;

/** Lets people in: by a link to choose a password with, by a password changed, and out again on every device. */
final readonly class GiveAccess
{
    private const INVITED_FOR_DAYS = 14;

    private const RESET_WITHIN_HOURS = 2;

    public function __construct(private Mailbox $mailbox)
    {
    }

    /**
     * A link for somebody new, which goes to their address too.
     *
     * @return string its address, of the configured host, whatever host was asked
     */
    public function invite(Person $to, string $workspace): string
    {
        $link = $this->link($to, Carbon::now()->addDays(self::INVITED_FOR_DAYS), isInvitation: true);
        $this->mailbox->send(
            $to,
            "Your access to $workspace",
            'Choose a password to sign in with, within '.self::INVITED_FOR_DAYS." days:\n$link",
        );

        return $link;
    }

    /** A link for somebody who has forgotten their password. */
    public function reset(Person $to): string
    {
        $link = $this->link($to, Carbon::now()->addHours(self::RESET_WITHIN_HOURS));
        $this->mailbox->send(
            $to,
            'A new password',
            'Choose a new password within '.self::RESET_WITHIN_HOURS." hours. If you did not ask for this, do nothing:\n$link",
        );

        return $link;
    }

    /**
     * Uses a link up. Whoever was signed in by the old password is signed out.
     *
     * @throws RefusedChange when it was used or has run out
     */
    public function accept(string $token, #[SensitiveParameter] string $password): Person
    {
        return DB::transaction(function () use ($token, $password): Person {
            $link =
                AccessLink::query()->open($token)->first() ??
                throw new RefusedChange('password', 'This link has already been used or has expired. Ask for a new one.');
            $link->update(['used_at' => Carbon::now()]);
            $this->setPassword($link->person, $password);

            return $link->person;
        });
    }

    /** Whoever else was signed in as this person is signed out. */
    public function setPassword(Person $person, #[SensitiveParameter] string $password, ?string $exceptSession = null): void
    {
        DB::transaction(function () use ($person, $password, $exceptSession): void {
            $person->forceFill(['password' => $password])->save();
            $this->endLinks($person);
            $this->signOutEverywhere($person, $exceptSession);
        });
    }

    /** Ends all sessions, and what keeps somebody signed in beyond them. */
    public function signOutEverywhere(Person $person, ?string $exceptSession = null): void
    {
        DB::table('sessions')
            ->where('user_id', $person->id)
            ->when($exceptSession !== null, static fn($others) => $others->where('id', '!=', $exceptSession))
            ->delete();
        $person->forceFill(['remember_token' => Str::random(60)])->save();
    }

    /** Ends all links of a person that are still good. */
    public function endLinks(Person $person): void
    {
        AccessLink::query()
            ->where('person_id', $person->id)
            ->whereNull('used_at')
            ->where('expires_at', '>', Carbon::now())
            ->update(['expires_at' => Carbon::now()]);
    }

    /** A new link makes all older ones of the person worthless. */
    private function link(Person $to, Carbon $until, bool $isInvitation = false): string
    {
        $token = Str::random(48);
        DB::transaction(function () use ($to, $until, $isInvitation, $token): void {
            $this->endLinks($to);
            AccessLink::query()->create([
                'person_id' => $to->id,
                'digest' => hash('sha256', $token),
                'expires_at' => $until,
                'is_invitation' => $isInvitation,
            ]);
        });

        return self::base().route('access', $token, false);
    }

    /** Where one is, at whatever port; of another host than the configured one nothing is taken. */
    private static function base(): string
    {
        $configured = rtrim(config()->string('app.url'), '/');
        $isHere = request()->getHost() === parse_url($configured, PHP_URL_HOST);

        return $isHere ? request()->getSchemeAndHttpHost() : $configured;
    }
}
