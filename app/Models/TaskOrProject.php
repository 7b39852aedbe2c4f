<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a task and a project both have: helpers, comments, files, references.
 *
 * @property string $title
 * @property int $owner_id
 * @property-read Person $owner
 * @property-read Collection<int, Helping> $helpings
 * @property-read Collection<int, Comment> $comments
 * @property-read Collection<int, File> $files
 * @property-read Collection<int, Reference> $references
 */
abstract class TaskOrProject extends Record
{
    /** @return HasMany<Helping, $this> */
    public function helpings(): HasMany
    {
        return $this->hasMany(Helping::class)->orderBy('id');
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<File, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(File::class)->orderBy('id');
    }

    /** @return HasMany<Reference, $this> */
    public function references(): HasMany
    {
        return $this->hasMany(Reference::class)->orderBy('id');
    }

    abstract public function isVisibleTo(Person $person): bool;
}
