<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Relations\Everybody;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Access\Authorizable as AuthorizableContract;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Illuminate\Foundation\Auth\Access\Authorizable;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;

/**
 * Somebody with an account.
 *
 * @property string $name
 * @property string $initials
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property int $weekly_hours
 * @property bool $month_first whether they mean 4 March by 3/4
 * @property ?Day $deactivated_on who left: they cannot sign in, and nothing is given to them
 */
final class Person extends Record implements AuthenticatableContract, AuthorizableContract
{
    use Authenticatable;
    use Authorizable;

    protected $table = 'people';

    protected $hidden = ['password', 'remember_token'];

    protected static function booted(): void
    {
        parent::booted();
        // Whoever is new, or comes back by a step forth, has none that anybody knows until they choose one by a link.
        self::creating(static function (self $person): void {
            if (! array_key_exists('password', $person->getAttributes())) {
                $person->forceFill(['password' => Str::random(40)]);
            }
        });
        self::saved(static fn() => app(Everybody::class)->forget());
        self::deleted(static fn() => app(Everybody::class)->forget());
    }

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'month_first' => 'boolean',
            'role' => Role::class,
            'deactivated_on' => AsDay::class,
        ];
    }
}
