<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Comment;
use App\Models\File;
use App\Models\Helping;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reference;
use App\Models\Task;
use App\Queries\Parts\ReturnsOf;
use App\Queries\Props;

/** What lies beside a task or a project: who helps, what was said, files, references, return dates. */
final readonly class Beside implements Props
{
    /**
     * @param 'tasks'|'projects' $kind
     * @param list<int> $helpers ids of people
     * @param list<CommentRow> $comments the oldest first
     * @param list<FileRow> $files
     * @param list<ReferenceRow> $references
     * @param list<ReturnRow> $returns when it comes back to the reader's tray
     */
    public function __construct(
        public string $kind,
        public int $id,
        public array $helpers,
        public array $comments,
        public array $files,
        public array $references,
        public array $returns,
    ) {
    }

    public static function of(Task|Project $work, Person $viewer): self
    {
        $work->loadMissing(['helpings', 'comments.person', 'files', 'references']);

        return new self(
            kind: $work instanceof Task ? 'tasks' : 'projects',
            id: $work->id,
            helpers: array_values($work->helpings->map(static fn(Helping $helping): int => $helping->person_id)->all()),
            comments: array_values(
                $work->comments->map(static fn(Comment $comment): CommentRow => CommentRow::of($comment, $viewer))->all(),
            ),
            files: array_values(
                $work->files->map(static fn(File $file): FileRow => new FileRow($file->id, $file->name, $file->bytes))->all(),
            ),
            references: array_values(
                $work->references
                    ->map(
                        static fn(Reference $reference): ReferenceRow => new ReferenceRow(
                            $reference->id,
                            $reference->title,
                            $reference->address,
                        ),
                    )
                    ->all(),
            ),
            returns: ReturnsOf::of($work, $viewer),
        );
    }
}
