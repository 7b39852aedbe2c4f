<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Role;
use Illuminate\Support\Facades\Hash;

/** The nine people of Saltglass Instruments, their areas and their workspace. */
final class People
{
    public const PASSWORD = 'saltglass-demo';

    /** name, initials, hours a week; the first two are leads */
    private const PEOPLE = [
        'noor' => ['Noor Aksoy', 'NA', 40],
        'elif' => ['Elif Demir', 'ED', 40],
        'jonah' => ['Jonah Whitfield', 'JW', 40],
        'tomasz' => ['Tomasz Zieliński', 'TZ', 40],
        'priya' => ['Priya Raman', 'PR', 40],
        'mei' => ['Mei Tanaka', 'MT', 32],
        'lucia' => ['Lucía Herrera', 'LH', 40],
        'kwame' => ['Kwame Boateng', 'KB', 40],
        'ingrid' => ['Ingrid Solheim', 'IS', 24],
    ];

    private const AREAS = ['Moorings' => 'priya', 'Sales' => 'jonah', 'Product' => 'tomasz', 'Workshop' => 'kwame', 'Team' => 'elif'];

    /** The groups, and who is in each in the order of turns. */
    public const GROUPS = [
        'The leads' => ['noor', 'elif', 'jonah', 'tomasz', 'priya'],
        'Product' => ['tomasz', 'ingrid', 'noor', 'kwame', 'mei'],
    ];

    /** @var array<string, int> */
    private array $ids = [];

    /** @var array<string, int> */
    private array $groups = [];

    /** @var array<string, int> */
    private array $areas = [];

    public function __construct(private readonly Rows $rows, private readonly Stage $stage)
    {
    }

    public function add(): void
    {
        $this->rows->add('workspaces', [
            'name' => 'Saltglass Instruments',
            'purpose' => Direction::PURPOSE,
            'timezone' => 'Europe/Copenhagen',
            'week_starts_on' => 'monday',
            'year_starts_in' => $this->stage->yearStartsIn(),
            'working_days' => $this->stage->workingDays(),
            'holidays' => array_map(strval(...), $this->stage->holidays()),
        ]);
        $password = Hash::make(self::PASSWORD);

        foreach (self::PEOPLE as $key => [$name, $initials, $hours]) {
            $this->ids[$key] = $this->rows->add('people', [
                'name' => $name,
                'initials' => $initials,
                'email' => self::email($key),
                'password' => $password,
                'role' => in_array($key, ['noor', 'elif'], true) ? Role::Lead : Role::Member,
                'weekly_hours' => $hours,
            ]);
        }

        foreach (self::AREAS as $area => $holder) {
            $this->areas[$area] = $this->rows->add('areas', [
                'name' => $area, 'kind' => 'area', 'owner_id' => $this->ids[$holder], 'notes' => null,
            ]);
        }

        foreach (self::GROUPS as $group => $members) {
            $this->groups[$group] = $this->rows->add('groups', ['name' => $group]);

            foreach ($members as $member) {
                $this->rows->add('memberships', ['group_id' => $this->groups[$group], 'person_id' => $this->ids[$member]]);
            }
        }
    }

    public static function email(string $key): string
    {
        return "$key@saltglass.example";
    }

    public function id(string $key): int
    {
        return $this->ids[$key];
    }

    public function area(string $name): int
    {
        return $this->areas[$name];
    }

    public function group(string $name): int
    {
        return $this->groups[$name];
    }

    /** @return list<int> */
    public function all(): array
    {
        return array_values($this->ids);
    }
}
