<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\People\AddPerson;
use App\Http\Requests\ChosenPassword;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** Adds a person from the command line: the way in to an empty workspace. */
final class AddPersonByHand extends Command
{
    protected $signature = 'people:add {name} {email} {--lead : with the rights of a lead} {--hours=40 : hours a week}';

    protected $description = 'Add a person who can sign in';

    public function handle(): int
    {
        $password = $this->secret('Password, at least ten characters');
        $given = [
            'name' => $this->argument('name'),
            'email' => mb_strtolower($this->argument('email')),
            'password' => $password,
            'hours' => $this->option('hours'),
        ];
        $checked = Validator::make($given, [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', 'unique:people,email'],
            'password' => ChosenPassword::rules(),
            'hours' => ['required', 'integer', 'between:0,80'],
        ]);

        if ($checked->fails()) {
            $this->components->error(implode(' ', $checked->errors()->all()));

            return self::FAILURE;
        }

        Person::query()->create([
            'name' => $given['name'],
            'initials' => AddPerson::initials($given['name']),
            'email' => $given['email'],
            'password' => $password,
            'role' => $this->option('lead') ? Role::Lead : Role::Member,
            'weekly_hours' => (int) $given['hours'],
        ]);
        $this->components->info("{$given['name']} can sign in.");

        return self::SUCCESS;
    }
}
