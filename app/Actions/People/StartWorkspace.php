<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Person;
use App\Models\Role;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\DB;

/** Names an empty workspace and adds the first lead, who is there before anybody could have done anything to undo. */
final readonly class StartWorkspace
{
    /** @throws RefusedChange once somebody is there: a workspace is started once, whoever has the address */
    public function __invoke(WorkspaceDraft $draft): Person
    {
        return DB::transaction(static function () use ($draft): Person {
            if (Person::query()->exists()) {
                throw new RefusedChange('email', 'This workspace was started already. Sign in, or ask a lead to add you.');
            }

            Workspace::current()
                ->fill(['name' => $draft->organisation, 'timezone' => $draft->timezone, 'year_starts_in' => $draft->yearStartsIn])
                ->save();

            return Person::query()
                ->create([
                    'name' => $draft->name,
                    'initials' => AddPerson::initials($draft->name),
                    'email' => mb_strtolower($draft->email),
                    'password' => $draft->password,
                    'role' => Role::Lead,
                ])
                ->refresh();
        });
    }
}
