<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/** What people say of a goal, and who hears of it. */
trait HasHistory
{
    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<Estimate, $this> */
    public function estimates(): HasMany
    {
        return $this->hasMany(Estimate::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<Judgement, $this> */
    public function judgements(): HasMany
    {
        return $this->hasMany(Judgement::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<Following, $this> */
    public function followings(): HasMany
    {
        return $this->hasMany(Following::class)->orderBy('id');
    }
}
