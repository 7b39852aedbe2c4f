<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Parts\Answers\Cord;
use App\Queries\Projects\Answers\RegisterFilter;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;

/** A project as the register finds its place and its heading, before the rest of it is fetched. */
final readonly class RegisterLine
{
    /**
     * @param string $owner by name, as area and collection
     * @param ?string $due YYYY-MM-DD, as changed
     * @param ?string $changed when one of its tasks was changed last, where they are sorted by that
     * @param list<string> $collections those that it is in, by title, where they are grouped by that
     * @param ?string $grouped its entry in the extra field by which they are grouped, if by one
     * @param string|float|null $sorted the same of the one by which they are sorted, ready to be compared
     */
    public function __construct(
        public int $id,
        public string $title,
        public ProjectState $state,
        public string $owner,
        public ?string $area,
        public ?string $due,
        public ?Rank $rank,
        public ?Focus $focus,
        public ?string $changed,
        public array $collections,
        public ?Cord $cord,
        public ?string $grouped,
        public string|float|null $sorted,
    ) {
    }

    /** @return non-empty-list<string> the headings under which it stands in a grouping of the register */
    public function headings(string $group): array
    {
        return $group === 'collection' && $this->collections !== [] ? $this->collections : [$this->heading($group)];
    }

    private function heading(string $group): string
    {
        if (RegisterFilter::fieldIn($group) !== null) {
            return $this->grouped ?? 'Not filled in';
        }

        return match ($group) {
            'state' => match ($this->state) {
                ProjectState::Active => 'Active',
                ProjectState::Paused => 'Paused',
                ProjectState::Proposed => 'Proposed',
                ProjectState::Shelved => 'Shelved',
                ProjectState::Done => 'Done',
                ProjectState::Dropped => 'Dropped',
            },
            'owner' => $this->owner,
            'area' => $this->area ?? 'No area',
            'thread' => $this->cord->title ?? 'Not linked to a goal',
            'focus' => $this->focus === null ? 'Focus not set' : ucfirst($this->focus->value).' focus',
            'collection' => 'In no collection',
            default => '',
        };
    }

    /**
     * @return list<int|string> states in their own order, the other headings by name; the one of those of which nothing is said comes last
     */
    public function headingPlace(string $group, string $heading): array
    {
        return $group === 'state' ? [$this->statePlace()] : [$this->isUnsaid($group) ? 1 : 0, $heading];
    }

    /** Counted from 0, what needs most of somebody first. */
    public function statePlace(): int
    {
        return match ($this->state) {
            ProjectState::Active => 0,
            ProjectState::Paused => 1,
            ProjectState::Proposed => 2,
            ProjectState::Shelved => 3,
            ProjectState::Done => 4,
            ProjectState::Dropped => 5,
        };
    }

    private function isUnsaid(string $group): bool
    {
        return match ($group) {
            'area' => $this->area === null,
            'thread' => $this->cord === null,
            'focus' => $this->focus === null,
            'collection' => $this->collections === [],
            default => RegisterFilter::fieldIn($group) !== null && $this->grouped === null,
        };
    }
}
