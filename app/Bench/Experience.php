<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\LogbookEntry;
use NeatSpindle\Core\Logbook\FramePrint;
use NeatSpindle\Core\Logbook\Likeness;

use function array_slice;

/** What the logbook has for a job on the bench: how the likest frames were built and what came of it; always with the job it comes from. */
class Experience
{
    /** Older ones are not looked through. */
    private const MOST_ENTRIES = 200;

    /** From here on a frame is called like another. Ours. */
    private const LIKE = 0.8;

    private const MOST_LIKE = 3;

    /** @var list<LogbookEntry>|null */
    private ?array $entries = null;

    public function __construct(private readonly OpenJob $open) {}

    /** @return list<LikeJob> the likest frames, the likest first */
    public function like(): array
    {
        $mine = new FramePrint($this->open->job->bike->kind, $this->open->findings->lengths());
        $like = array_map(fn (LogbookEntry $entry) => new LikeJob($entry, Likeness::between($mine, $entry->frame())), $this->entries());
        $like = array_filter($like, fn (LikeJob $one) => $one->likeness >= self::LIKE);
        usort($like, fn (LikeJob $a, LikeJob $b) => $b->likeness <=> $a->likeness);

        return array_slice($like, 0, self::MOST_LIKE);
    }

    /** @return list<string> what was found twice or more at a step, on bikes of the same kind with a motor of the same mount */
    public function at(string $step): array
    {
        $mount = $this->open->mount()?->code();
        $kind = $this->open->job->bike->kind;
        $said = array_filter(
            $this->entries(), fn (LogbookEntry $entry) => $entry->kind === $kind && $entry->mount === $mount && isset($entry->found[$step]),
        );

        return array_values(
            array_map(fn (LogbookEntry $entry) => "From job {$entry->number}: {$entry->found[$step]} when it came back.", $said),
        );
    }

    /** @return list<LogbookEntry> */
    private function entries(): array
    {
        return $this->entries ??= array_values(LogbookEntry::query()->for($this->open->job)->limit(self::MOST_ENTRIES)->get()->all());
    }
}
