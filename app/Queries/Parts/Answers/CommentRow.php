<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Comment;
use App\Models\Person;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class CommentRow implements Props
{
    public function __construct(public int $id, public PersonTag $by, public Day $on, public string $words, public bool $isMine)
    {
    }

    public static function of(Comment $comment, Person $viewer): self
    {
        return new self($comment->id, PersonTag::of($comment->person), $comment->on, $comment->words, $comment->person_id === $viewer->id);
    }
}
