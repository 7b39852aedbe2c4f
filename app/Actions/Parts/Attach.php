<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Comment;
use App\Models\File;
use App\Models\Helping;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Project;
use App\Models\Reference;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** What people say of a task or a project, and what they lay beside it. */
final readonly class Attach
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private Notify $notify)
    {
    }

    /** Who is mentioned in it, owns the work or helps with it hears of it, if they may see it. */
    public function comment(Person $who, Task|Project $work, string $words): void
    {
        $this->log->change($who, "Commented on “{$work->title}”", function () use ($who, $work, $words): void {
            Comment::query()->create([...self::of($work), 'person_id' => $who->id, 'on' => $this->workspace->today(), 'words' => $words]);
            $helpers = $work->helpings()->get()->map(static fn(Helping $helping): int => $helping->person_id)->all();
            $this->notify->all($who, [$work->owner_id, ...array_values($helpers)], NotificationEvent::Comment, $work, "said: $words");
        });
    }

    /**
     * @param list<int> $people all who help
     *
     * @throws RefusedChange when one of them may not see it
     */
    public function helpers(Person $who, Task|Project $work, array $people): void
    {
        foreach (Person::query()->whereKey($people)->get() as $person) {
            if (! $work->isVisibleTo($person)) {
                throw new RefusedChange('people', "{$person->name} cannot see “{$work->title}”.");
            }
        }

        $this->log->change($who, "Changed the helpers of “{$work->title}”", static function () use ($work, $people): void {
            $there = $work->helpings()->get();
            $there->whereNotIn('person_id', $people)->each(static fn(Helping $helping): ?bool => $helping->delete());

            foreach (array_diff($people, $there->map(static fn(Helping $helping): int => $helping->person_id)->all()) as $person) {
                Helping::query()->create([...self::of($work), 'person_id' => $person]);
            }
        });
    }

    /** Keeps a file under a name of its own in the store; the name that it came with is only shown. */
    public function file(Person $who, Task|Project $work, UploadedFile $upload): void
    {
        $name = self::safeName($upload->getClientOriginalName());
        $path = (string) Storage::disk('local')->putFile('files', $upload);

        $this->log->change(
            $who,
            "Added “{$name}” to “{$work->title}”",
            static fn() => File::query()->create([
                ...self::of($work),
                'person_id' => $who->id,
                'name' => $name,
                'bytes' => (int) $upload->getSize(),
                'path' => $path,
            ]),
        );
    }

    public function reference(Person $who, Task|Project $work, string $title, string $address): void
    {
        $this->log->change(
            $who,
            "Added “{$title}” to “{$work->title}”",
            static fn() => Reference::query()->create([
                ...self::of($work),
                'person_id' => $who->id,
                'title' => $title,
                'address' => $address,
            ]),
        );
    }

    /** A file that is taken away stays in the store, so that this can be undone. */
    public function remove(Person $who, File|Reference $part): void
    {
        $words = $part instanceof File ? $part->name : $part->title;
        $this->log->change($who, "Deleted “{$words}”", static fn() => $part->delete());
    }

    /** @return array{task_id?: int, project_id?: int} */
    private static function of(Task|Project $work): array
    {
        return $work instanceof Task ? ['task_id' => $work->id] : ['project_id' => $work->id];
    }

    /** The name without folders, control characters and signs that turn the direction of writing. */
    private static function safeName(string $name): string
    {
        $bare = (string) preg_replace('/[\p{C}"<>|*?:]/u', '', mb_scrub(basename(str_replace('\\', '/', $name))));
        $trimmed = trim($bare, " .\t");

        return $trimmed === '' ? 'file' : mb_substr($trimmed, -200);
    }
}
