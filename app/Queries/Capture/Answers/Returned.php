<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Record;
use App\Queries\Props;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Day;

/** What has come back to the tray, when and why. */
final readonly class Returned implements Props
{
    /**
     * @param int $id of the jot
     * @param ?string $at HH:MM
     * @param ?string $rhythm by which it comes back again, in words
     * @param ?string $about the title of what it is about
     * @param ?string $link to that, if it has a page
     * @param ?string $kind what that is: "project"
     */
    private function __construct(
        public int $id,
        public string $words,
        public Day $on,
        public ?string $at,
        public ?string $rhythm,
        public ?string $about,
        public ?string $link,
        public ?string $kind,
        public ?int $aboutId,
    ) {
    }

    /** Null of what was only jotted down. What the viewer may not see any more is not named. */
    public static function of(Jot $jot, Person $viewer): ?self
    {
        if ($jot->return_on === null) {
            return null;
        }

        $about = $jot->about();
        $isSeen = $about !== null && Gate::forUser($viewer)->allows('view', $about);
        $kind = $isSeen ? (string) array_search($about::class, Jot::ABOUT, true) : null;

        return new self(
            id: $jot->id,
            words: $jot->words,
            on: $jot->return_on,
            at: $jot->return_at,
            rhythm: $jot->rhythm,
            about: $isSeen ? self::titleOf($about) : null,
            link: $kind === null || $kind === 'contact' ? null : route("{$kind}s.show", $about->getKey(), false),
            kind: $kind,
            aboutId: $isSeen ? $about->id : null,
        );
    }

    private static function titleOf(Record $about): string
    {
        $title = $about->getAttributes()['title'] ?? ($about->getAttributes()['name'] ?? '');

        return is_string($title) ? $title : '';
    }
}
