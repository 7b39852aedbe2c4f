<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Labelled;
use Loftrin\Core\Work\ProjectState;

/** In which states the projects are that the register shows. */
enum RegisterState: string implements Labelled
{
    case Open = 'open';
    case Active = 'active';
    case Paused = 'paused';
    case Proposed = 'proposed';
    case Shelved = 'shelved';
    case Done = 'done';
    case Dropped = 'dropped';
    case All = 'all';

    public function label(): string
    {
        return match ($this) {
            self::Open => 'open',
            self::Active => 'active',
            self::Paused => 'paused',
            self::Proposed => 'proposed',
            self::Shelved => 'on the shelf',
            self::Done => 'done',
            self::Dropped => 'dropped',
            self::All => 'all',
        };
    }

    /** @return list<ProjectState> */
    public function states(): array
    {
        return match ($this) {
            self::Open => ProjectState::OPEN,
            self::All => ProjectState::cases(),
            default => [ProjectState::from($this->value)],
        };
    }
}
