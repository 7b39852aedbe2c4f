<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Comment;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\People\Mentions;

/** What somebody said of something. */
final readonly class CommentRow implements Props
{
    /** @param list<string> $mentions as they stand in the words: "@Elif" */
    public function __construct(
        public int $id,
        public PersonTag $by,
        public Day $on,
        public string $words,
        public array $mentions,
        public bool $isMine,
    ) {
    }

    public static function of(Comment $comment, Person $viewer): self
    {
        $names = app(Everybody::class)->all()->sortKeys()->map(static fn(Person $person): string => $person->name)->all();

        return new self(
            $comment->id,
            PersonTag::of($comment->person),
            $comment->on,
            $comment->words,
            Mentions::marked($comment->words, $names),
            $comment->person_id === $viewer->id,
        );
    }
}
