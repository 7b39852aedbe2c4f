<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\ReportAudience;

/**
 * What a person tells a manager, the board or the team about a span. Sent, it stays as it went out.
 *
 * @property int $person_id who writes it
 * @property string $title
 * @property ReportAudience $audience
 * @property Day $first
 * @property Day $last
 * @property string $words in Markdown, with figures that stay up to date
 * @property ?Carbon $sent_at
 * @property ?string $sent_words as they went out
 * @property-read Person $person
 * @property-read Collection<int, Recipient> $recipients
 */
final class Report extends Record
{
    protected $table = 'reports';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return HasMany<Recipient, $this> */
    public function recipients(): HasMany
    {
        return $this->hasMany(Recipient::class)->orderBy('id');
    }

    public function span(): Span
    {
        return new Span($this->first, $this->last);
    }

    /**
     * Those that were sent to a person.
     *
     * @param Builder<self> $query
     */
    protected function scopeSentTo(Builder $query, Person $person): void
    {
        $query->whereNotNull('sent_at')->whereRelation('recipients', 'person_id', $person->id);
    }

    protected function casts(): array
    {
        return ['audience' => ReportAudience::class, 'first' => AsDay::class, 'last' => AsDay::class, 'sent_at' => 'datetime'];
    }
}
