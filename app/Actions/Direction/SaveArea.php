<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\Area;
use App\Models\AreaKind;
use App\Models\Contact;
use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Areas, clients and roles, and the contacts that belong to them. */
final readonly class SaveArea
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when a role is worn by nobody */
    public function __invoke(Person $who, string $name, AreaKind $kind, ?int $owner, ?string $notes, ?Area $area = null): Area
    {
        if ($kind === AreaKind::Role && $owner === null) {
            throw new RefusedChange('owner', 'A role needs a person. Choose who holds it.');
        }

        return $this->log->change($who, ($area === null ? 'Added' : 'Changed')." “{$name}”", static function () use (
            $name,
            $kind,
            $owner,
            $notes,
            $area,
        ): Area {
            $record = $area ?? new Area();
            $record->fill(['name' => $name, 'kind' => $kind, 'owner_id' => $owner, 'notes' => $notes])->save();

            return $record;
        });
    }

    /** @throws RefusedChange while something still belongs to it */
    public function remove(Person $who, Area $area): void
    {
        foreach (['goal' => Goal::class, 'project' => Project::class, 'tray item' => Jot::class] as $what => $class) {
            // Not how many: some of them may be others' own.
            if ($class::query()->where('area_id', $area->id)->exists()) {
                throw new RefusedChange('area', "“{$area->name}” still has {$what}s. Move or delete these first.");
            }
        }

        $this->log->change($who, "Deleted “{$area->name}”", static function () use ($area): void {
            $area->contacts()->get()->each(static fn(Contact $contact): ?bool => $contact->delete());
            $area->delete();
        });
    }

    /** @param array{name: string, what: ?string, email: ?string, phone: ?string} $columns */
    public function contact(Person $who, Area $area, array $columns, ?Contact $contact = null): void
    {
        $this->log->change(
            $who,
            ($contact === null ? 'Added' : 'Changed')." {$columns['name']} of {$area->name}",
            static function () use ($who, $area, $columns, $contact): void {
                ($contact ?? new Contact(['area_id' => $area->id, 'person_id' => $who->id]))->fill($columns)->save();
            },
        );
    }

    public function removeContact(Person $who, Contact $contact): void
    {
        $this->log->change($who, "Deleted {$contact->name}", static fn() => $contact->delete());
    }
}
