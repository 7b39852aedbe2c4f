<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Meetings\SeriesDraft;
use App\Models\Series;
use App\Queries\Meetings\SeriesFormPage;
use DateTimeZone;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\Shown;

/** A series of meetings as it comes from the form. */
final class SeriesFields extends Fields
{
    /** The orders of the parts between opening and closing, besides the usual one. */
    public const ORDERS = [
        'issue,standing,follow_ups',
        'follow_ups,issue,standing',
        'follow_ups,standing,issue',
        'standing,issue,follow_ups',
        'standing,follow_ups,issue',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'purpose' => ['nullable', 'string', 'max:500'],
            'rule' => ['required', 'string', 'max:200'],
            'startsOn' => ['required', new ValidDay()],
            'time' => ['required', 'date_format:H:i'],
            'minutes' => ['required', 'integer', 'between:5,600'],
            'openingMinutes' => ['nullable', 'integer', 'between:0,60'],
            'closingMinutes' => ['nullable', 'integer', 'between:0,60'],
            'rotatesEvery' => ['nullable', 'integer', 'between:1,52'],
            'parts' => ['nullable', Rule::in(self::ORDERS)],
            'project' => ['nullable', 'integer'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
            'isPrivate' => ['boolean'],
            'attendees' => ['required_without:groups', 'array', 'max:60'],
            'attendees.*' => ['integer', 'exists:people,id'],
            'groups' => ['array', 'max:30'],
            'groups.*' => ['integer', 'exists:groups,id'],
            'timezone' => ['nullable', Rule::in(DateTimeZone::listIdentifiers())],
            'appliesFrom' => ['nullable', new ValidDay()],
            'guests' => ['array', 'max:60'],
            'guests.*' => ['integer', 'exists:contacts,id'],
            'standing' => ['array', 'max:30'],
            'standing.*.id' => ['nullable', 'integer'],
            'standing.*.title' => ['required', 'string', 'max:200'],
            'standing.*.minutes' => ['required', 'integer', 'between:1,600'],
            'standing.*.owner' => ['nullable', 'integer', 'exists:people,id'],
            'standing.*.goal' => ['nullable', 'integer'],
            'standing.*.project' => ['nullable', 'integer'],
            'standing.*.shows' => ['nullable', Rule::enum(Shown::class)],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'openingMinutes' => 'opening round',
            'standing.*.title' => 'title of the item',
            'standing.*.minutes' => 'minutes of the item',
        ];
    }

    public function draft(): SeriesDraft
    {
        /**
         * @var list<array{
         *     id?: ?int, title: string, minutes: int|string, owner?: int|string|null, goal?: int|string|null,
         *     project?: int|string|null, shows?: ?string,
         * }> $standing
         */
        $standing = array_values($this->array('standing'));

        return new SeriesDraft(
            title: $this->string('title')->toString(),
            purpose: $this->words('purpose'),
            rule: $this->string('rule')->toString(),
            startsOn: Day::of($this->string('startsOn')->toString()),
            time: $this->string('time')->toString(),
            minutes: $this->integer('minutes'),
            openingMinutes: $this->integer('openingMinutes'),
            isPrivate: $this->boolean('isPrivate'),
            attendees: Ids::in($this, 'attendees'),
            standing: array_map(
                static fn(array $item): array => [
                    'id' => $item['id'] ?? null,
                    'title' => $item['title'],
                    'minutes' => (int) $item['minutes'],
                    'owner' => isset($item['owner']) ? (int) $item['owner'] : null,
                    'goal' => isset($item['goal']) ? (int) $item['goal'] : null,
                    'project' => isset($item['project']) ? (int) $item['project'] : null,
                    'shows' => Shown::tryFrom($item['shows'] ?? ''),
                ],
                $standing,
            ),
            closingMinutes: $this->number('closingMinutes') ?? Agenda::CLOSING_MINUTES,
            rotatesEvery: $this->number('rotatesEvery') ?? 1,
            parts: $this->words('parts'),
            project: $this->number('project'),
            area: $this->number('area'),
            guests: Ids::in($this, 'guests'),
            groups: Ids::in($this, 'groups'),
            timezone: $this->words('timezone'),
            appliesFrom: ValidDay::read($this->input('appliesFrom')),
        );
    }

    protected function there(): ?array
    {
        $series = $this->route('series');

        return $series instanceof Series ? get_object_vars(app(SeriesFormPage::class)->filled($this->me(), $series)->series) : null;
    }
}
