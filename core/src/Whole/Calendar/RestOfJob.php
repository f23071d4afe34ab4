<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Whole\Schedule\Task;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function array_filter;
use function array_values;
use function is_array;
use function is_int;
use function is_string;

/** What of a job is still to be done, counted in pieces of work, and what it waits for beside. */
final readonly class RestOfJob
{
    /** A delivery that nobody has named a day for takes so long; ours. */
    public const USUAL_DELIVERY_DAYS = 6;

    /** Locking compound is at full strength after so many minutes (handbook, *Locking compound cures*). */
    public const CURES = 24 * 60;

    /** Of the task that is a compound's cure. */
    public const CURE = 'cure';

    /** What nobody can do: whatever asks for it is never placed, and nothing after it. */
    public const NOBODY = '!nobody';

    /**
     * @param  array<string, int>  $pieces  by kind of work
     * @param  ?string  $endless  a decision or a stop that nobody can put a day to, in words
     * @param  bool  $awaitsParts  whether something has to come from a shop
     * @param  bool  $cures  whether a locking compound is still to go on
     * @param  ?int  $curedAt  when the one that is on is at full strength, in minutes; null where none is
     */
    public function __construct(
        public array $pieces, public ?string $endless = null, public bool $awaitsParts = false, public bool $cures = false, public ?int $curedAt = null,
    ) {}

    /** Of a bike that nobody has touched yet: as much as there mostly is. */
    public static function untouched(bool $awaitsParts = false): self
    {
        $pieces = [];
        foreach (WorkKind::cases() as $kind) {
            $pieces[$kind->value] = $kind->usualPieces();
        }

        return new self($pieces, awaitsParts: $awaitsParts, cures: true);
    }

    /** With what cures told by the workshop's wall clock, which is so many minutes ahead of universal time. */
    public function onTheWall(int $ahead): self
    {
        return new self(
            $this->pieces, $this->endless, $this->awaitsParts, $this->cures, $this->curedAt === null ? null : $this->curedAt + $ahead,
        );
    }

    public function isNothing(): bool
    {
        return array_filter($this->pieces) === [] && $this->endless === null;
    }

    /**
     * Its tasks in the order of the hand, each after the one before; a ride waits for what cures besides, and work for what it needs back.
     *
     * @return list<JobTask>
     */
    public function tasks(Terms $terms): array
    {
        $tasks = $this->endless === null ? [] : [
            new JobTask('decision', $this->endless, new Task('decision', 1, skill: self::NOBODY), null),
        ];
        $last = $this->endless === null ? null : 'decision';
        $away = $terms->elsewhere;
        $also = [];
        foreach (WorkKind::cases() as $kind) {
            $pieces = $this->pieces[$kind->value] ?? 0;
            if ($kind === WorkKind::Dry && $this->awaitsParts) {
                $tasks[] = $this->parts($terms, $last);
                $terms->partsAt === null ? $last = 'parts' : $also[] = 'parts';
            }
            if ($pieces === 0) {
                continue;
            }
            $after = $last === null ? $also : [$last, ...$also];
            $also = [];
            if ($kind === WorkKind::Ride && ($this->cures || $this->curedAt !== null)) {
                $tasks[] = $this->cure($terms->from, $tasks);
                $after[] = self::CURE;
            }
            foreach (array_filter($away, fn (Elsewhere $one) => $one->holds($kind)) as $i => $one) {
                $tasks[] = $one->task($terms->from);
                $after[] = $one->code;
                unset($away[$i]);
            }
            $tasks[] = new JobTask($kind->value, $kind->label(), $this->work($kind, $terms, $after), $kind);
            $last = $kind->value;
        }

        return $tasks;
    }

    /** @param  list<string>  $after */
    private function work(WorkKind $kind, Terms $terms, array $after): Task
    {
        return new Task(
            $kind->value, $terms->minutes->of($kind, $this->pieces[$kind->value] ?? 0), who: $terms->hands[$kind->value] ?? null,
            skill: $kind->value, after: $after, isOnStand: $kind->isOnStand(),
        );
    }

    /** What has a day named is on its way already; what has none is ordered once it is known what is missing. */
    private function parts(Terms $terms, ?string $last): JobTask
    {
        $task = $terms->partsAt === null
            ? new Task('parts', self::USUAL_DELIVERY_DAYS * WallClock::DAY, isWait: true, after: $last === null ? [] : [$last])
            : Task::until('parts', $terms->from, $terms->partsAt);

        return new JobTask('parts', $this->label('parts', $terms->partsAt !== null), $task, null);
    }

    /** @param  list<JobTask>  $before */
    private function cure(int $from, array $before): JobTask
    {
        $torque = array_values(array_filter($before, fn (JobTask $task) => $task->kind === WorkKind::Torque))[0]->code ?? null;

        return new JobTask(self::CURE, $this->label(self::CURE, true), $this->cures
            ? new Task(self::CURE, self::CURES, isWait: true, after: $torque === null ? [] : [$torque])
            : Task::until(self::CURE, $from, (int) $this->curedAt), null);
    }

    /** What a task of it is called. */
    public function label(string $code, bool $isDayNamed): string
    {
        return WorkKind::tryFrom($code)?->label() ?? match ($code) {
            self::CURE => 'cures',
            'parts' => $isDayNamed ? 'Parts on their way' : 'Parts: no day named, '.self::USUAL_DELIVERY_DAYS.' days are usual',
            default => $this->endless ?? '',
        };
    }

    /** @return array<string, mixed> to be kept */
    public function toArray(): array
    {
        return array_filter([
            'pieces' => array_filter($this->pieces), 'endless' => $this->endless, 'parts' => $this->awaitsParts, 'cures' => $this->cures, 'cured_at' => $this->curedAt,
        ], fn (mixed $one) => $one !== null && $one !== false);
    }

    /** @param  array<array-key, mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        $pieces = [];
        foreach (is_array($kept['pieces'] ?? null) ? $kept['pieces'] : [] as $kind => $count) {
            if (is_string($kind) && is_int($count)) {
                $pieces[$kind] = $count;
            }
        }

        return new self(
            $pieces, is_string($kept['endless'] ?? null) ? $kept['endless'] : null, ($kept['parts'] ?? false) === true, ($kept['cures'] ?? false) === true,
            is_int($kept['cured_at'] ?? null) ? $kept['cured_at'] : null,
        );
    }
}
