<?php

declare(strict_types=1);

namespace App\Models\Relations;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;

/**
 * What the core's Doable decides about tasks, as conditions for the database: the one place in which it is written
 * down in SQL. A property over random workspaces holds the two together. Rules: computation 9.
 */
final readonly class CanStart
{
    /** What a task stands in, by its place: one with no stage belongs to the first. */
    private const STAGE = 'coalesce((select s.position from stages s where s.id = %s.stage_id), 0)';

    /** @param string $task the name of its table in the question */
    public function __construct(private Day $on, private string $task = 'tasks')
    {
    }

    /** Open by the end of the day. */
    public function isOpen(): string
    {
        return self::open($this->task, $this->on);
    }

    /** Somebody could start on it. */
    public function now(): string
    {
        return "($this->task.waiting_on is null and {$this->butForWaiting()})";
    }

    /** Somebody could start on it, were it not that it may wait for a person. */
    public function butForWaiting(): string
    {
        return "({$this->isOpen()} and {$this->isItsTurn()} and not exists ({$this->dependsOn('1')}))";
    }

    /**
     * What it depends on and is not finished: done or dropped.
     *
     * @param string $wanted of the other task, whose table is called o
     */
    public function dependsOn(string $wanted): string
    {
        return "select $wanted from dependencies d join tasks o on o.id = d.after_id where d.task_id = $this->task.id ".
            "and o.done_on is null and (o.dropped_on is null or o.created_on > '$this->on')";
    }

    /**
     * Open tasks of an earlier stage, where a project goes stage by stage.
     *
     * @param string $wanted of the other task, whose table is called o
     */
    public function comesAfter(string $wanted): string
    {
        $stage = static fn(string $task): string => sprintf(self::STAGE, $task);
        $staged = StageOrder::Staged->value;

        return "select $wanted from projects p join tasks o on o.project_id = p.id where p.id = $this->task.project_id ".
            "and p.\"order\" = '$staged' and ".self::open('o', $this->on)." and {$stage('o')} < {$stage($this->task)}";
    }

    /** Its project, if it is in one, is there, is active, and has nothing open in an earlier stage. */
    public function isItsTurn(): string
    {
        $active = ProjectState::Active->value;

        return "($this->task.project_id is null or (exists (select 1 from projects p where p.id = $this->task.project_id ".
            "and p.state = '$active' and (p.created_on is null or p.created_on <= '$this->on')) ".
            "and not exists ({$this->comesAfter('1')})))";
    }

    private static function open(string $task, Day $on): string
    {
        return "($task.done_on is null and $task.dropped_on is null and $task.shelved_on is null and $task.created_on <= '$on')";
    }
}
