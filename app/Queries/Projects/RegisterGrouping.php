<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Labelled;

/** Under what headings the projects of the register stand. */
enum RegisterGrouping: string implements Labelled
{
    case State = 'state';
    case Owner = 'owner';
    case Area = 'area';
    case Thread = 'thread';
    case Focus = 'focus';
    case Collection = 'collection';
    case Field = 'field';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::State => 'state',
            self::Owner => 'owner',
            self::Area => 'area',
            self::Thread => 'thread',
            self::Focus => 'focus needed',
            self::Collection => 'collection',
            self::Field => 'extra field',
            self::None => 'nothing',
        };
    }

    /** Of a project of which nothing is said there. */
    public function withoutIt(): string
    {
        return match ($this) {
            self::Area => 'No area',
            self::Thread => 'Not linked to a goal',
            self::Focus => 'Focus not set',
            self::Collection => 'In no collection',
            self::Field => 'Not filled in',
            self::State, self::Owner, self::None => '',
        };
    }
}
