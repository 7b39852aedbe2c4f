<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Markdown;
use App\Queries\Props;

/** One part of a project's brief. */
final readonly class BriefPart implements Props
{
    /**
     * @param string $text as written, in Markdown
     * @param ?string $html safe to be shown; null when nothing is written
     */
    public function __construct(public string $name, public string $text, public ?string $html)
    {
    }

    public static function of(string $name, ?string $text): self
    {
        return new self($name, $text ?? '', Markdown::html($text));
    }
}
