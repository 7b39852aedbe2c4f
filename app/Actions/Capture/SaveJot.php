<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Actions\Meetings\IssueDraft;
use App\Actions\Meetings\RaiseIssue;
use App\Actions\Parts\Attach;
use App\Actions\Projects\ProjectDraft;
use App\Actions\Projects\SaveProject;
use App\Actions\Shelf\SetReturnDate;
use App\Actions\Week\AddTask;
use App\Actions\Week\SaidDraft;
use App\Actions\Week\TaskDraft;
use App\Models\Area;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Capture\LineReader;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Str;
use Loftrin\Core\Capture\PieceKind;

/** Thoughts written down unsorted, and sorted later. */
final readonly class SaveJot
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private LineReader $reader,
        private AddLine $addLine,
        private AddTask $addTask,
        private SaveProject $saveProject,
        private RaiseIssue $raiseIssue,
        private Attach $attach,
    ) {
    }

    /**
     * Each line is an item of its own; what was done already is entered as done, and what is for a meeting is an issue of that.
     *
     * @param Area|Series|null $of in whose tray it is put, where several can sort it; null for one's own
     * @param list<string> $refused keys of what is not meant as it was understood
     * @param array<string, string> $chosen what ambiguous pieces mean
     */
    public function keep(Person $who, string $words, Area|Series|null $of = null, array $refused = [], array $chosen = []): void
    {
        $lines = self::lines($words);

        $this->log->change($who, 'Added to the tray', function () use ($who, $lines, $of, $refused, $chosen): void {
            foreach ($lines as $line) {
                $this->keepLine($who, $line, $of, $refused, $chosen);
            }
        });
    }

    /**
     * @param list<string> $refused
     * @param array<string, string> $chosen
     */
    private function keepLine(Person $who, string $line, Area|Series|null $of, array $refused, array $chosen): void
    {
        $today = $this->workspace->today();
        $understood = $this->reader->read($who, $line, $today, $refused, isJotted: $of === null);

        if ($of === null && $understood->piece(PieceKind::Done) !== null && mb_strlen($understood->title) <= TaskDraft::TITLE) {
            ($this->addTask)($who, (new SaidDraft($understood, $today, $chosen))->with(new TaskDraft(''), lineWins: true));

            return;
        }

        $issue = SaidIssue::in($understood, $today, $chosen);

        if ($issue !== null && mb_strlen($understood->title) <= TaskDraft::TITLE) {
            ($this->raiseIssue)($who, $issue->series, $issue->draft);

            return;
        }

        Jot::query()->create([
            'person_id' => $who->id,
            'area_id' => $of instanceof Area ? $of->id : null,
            'series_id' => $of instanceof Series ? $of->id : null,
            'words' => $line,
            'jotted_on' => $today,
            'refused' => $refused === [] ? null : $refused,
            'chosen' => $chosen === [] ? null : $chosen,
        ]);
    }

    /**
     * Makes a task of it, for whoever jotted it.
     *
     * @param TaskDraft $said what was chosen, which counts more than what the line says
     * @param list<string> $refused keys of what is not meant as it was understood
     * @param array<string, string> $chosen what ambiguous pieces mean
     */
    public function makeTask(Person $who, Jot $jot, TaskDraft $said, array $refused = [], array $chosen = []): void
    {
        self::refuseSorted($jot);
        $line = $this->reader->readJot($who, $jot, $refused);
        $draft = (new SaidDraft($line, $jot->jotted_on, [...$jot->chosen ?? [], ...$chosen]))->with($said, lineWins: false);

        $this->log->change($who, "Made a task of “{$draft->title}”", function () use ($who, $jot, $draft): void {
            ($this->addLine)($who, $draft);
            $this->sorted($jot);
        });
    }

    /**
     * Makes a task of it by what its line says alone.
     *
     * @param ?string $planned a day or a period, where the line does not say when
     */
    public function makeTaskAsSaid(Person $who, Jot $jot, ?string $planned): void
    {
        $line = $this->reader->readJot($who, $jot);
        $title = Str::limit($line->title, TaskDraft::TITLE, '');
        $isSaid = $line->piece(PieceKind::Planned) !== null || $line->piece(PieceKind::Time) !== null;
        $this->makeTask($who, $jot, new TaskDraft(title: $title, planned: $isSaid ? null : $planned, notes: $jot->notes($title)));
    }

    /** Makes several items of one, in its place. */
    public function split(Person $who, Jot $jot, string $words): void
    {
        self::refuseSorted($jot);
        $lines = self::lines($words);

        if (count($lines) < 2) {
            throw new RefusedChange('words', 'Write each item on a line of its own.');
        }

        $this->log->change($who, 'Split into '.count($lines).' items', function () use ($jot, $lines): void {
            foreach ($lines as $line) {
                Jot::query()->create([
                    ...$jot->only(['person_id', 'area_id', 'series_id', 'jotted_on', 'refused', 'chosen']),
                    'words' => $line,
                ]);
            }

            $this->sorted($jot);
        });
    }

    /** Makes a project of it, for whoever sorts it. */
    public function makeProject(Person $who, Jot $jot, string $title): Project
    {
        self::refuseSorted($jot);

        return $this->log->change($who, "Started the project “{$title}”", function () use ($who, $jot, $title): Project {
            $project = ($this->saveProject)($who, new ProjectDraft($title));
            $this->sorted($jot);

            return $project;
        });
    }

    /** Raises it as an issue of a recurring meeting: whoever may see that sees it from then on. */
    public function raise(Person $who, Jot $jot, Series $series, string $title): void
    {
        self::refuseSorted($jot);

        $this->log->change($who, "Raised “{$title}”", function () use ($who, $jot, $series, $title): void {
            ($this->raiseIssue)($who, $series, new IssueDraft(title: $title, context: $jot->notes($title), project: $jot->project_id));
            $this->sorted($jot);
        });
    }

    /**
     * Keeps it beside a project as a reference: there is nothing to do about it. The address in it is the reference's, the other
     * words are its title.
     *
     * @throws RefusedChange when there is no address in it
     */
    public function keepAsReference(Person $who, Jot $jot, Project $project): void
    {
        self::refuseSorted($jot);

        if (preg_match('#https?://\S+#', $jot->words, $found) !== 1) {
            throw new RefusedChange(
                'jot',
                'There is no address in it to keep. Make a task of it, or write it into the notes of the project.',
            );
        }

        $address = rtrim($found[0], '.,;)');
        $title = Str::squish(trim(str_replace($found[0], ' ', $jot->words), " \t\n:,;.-"));
        $title = Str::limit($title === '' ? $address : $title, TaskDraft::TITLE, '');

        $this->log->change($who, "Kept “{$title}” beside “{$project->title}”", function () use (
            $who,
            $jot,
            $project,
            $title,
            $address,
        ): void {
            $this->attach->reference($who, $project, $title, $address);
            $this->sorted($jot);
        });
    }

    /** It is sorted. What comes back by a rule comes back again. */
    private function sorted(Jot $jot): void
    {
        $today = $this->workspace->today();
        $jot->update(['sorted_on' => $today]);
        SetReturnDate::again($jot, $today);
    }

    /** Of two who sort the same thing the second is told: it is not made twice. */
    private static function refuseSorted(Jot $jot): void
    {
        if ($jot->sorted_on !== null) {
            throw new RefusedChange('jot', 'This has been sorted already.');
        }
    }

    /** @return list<string> */
    private static function lines(string $words): array
    {
        return array_values(
            array_filter(explode("\n", str_replace("\r", "\n", $words)), static fn(string $line): bool => trim($line) !== ''),
        );
    }

    public function throwAway(Person $who, Jot $jot): void
    {
        $this->log->change($who, 'Deleted a jot', fn() => $this->sorted($jot));
    }
}
