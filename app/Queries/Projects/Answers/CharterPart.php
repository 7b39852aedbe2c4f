<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\Project;
use App\Queries\Parts\Markdown;
use App\Queries\Props;

/** One part of a project's charter. */
final readonly class CharterPart implements Props
{
    /**
     * @param string $text as written, in Markdown
     * @param ?string $html safe to be shown; null when nothing is written
     */
    public function __construct(public string $name, public string $text, public ?string $html)
    {
    }

    /** @return list<self> all parts in their order, and the notes */
    public static function all(Project $project): array
    {
        return array_map(static function (string $part) use ($project): self {
            $text = $project->getAttribute($part);
            $text = is_string($text) ? $text : '';

            return new self($part, $text, Markdown::html($text));
        }, [...Project::CHARTER, 'notes']);
    }
}
