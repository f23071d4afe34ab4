<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\LogbookEntry;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Whole\Logbook\FramePrint;
use NeatSpindle\Core\Whole\Logbook\Likeness;

use function array_filter;
use function array_map;
use function array_slice;
use function array_values;
use function usort;

/** What the logbook has for a job on the bench: how the likest frames were built and what came of it; always with the job it comes from. */
final readonly class Experience implements FromJob
{
    /** Older ones are not looked through. */
    private const MOST_ENTRIES = 200;

    /** From here on a frame is called like another. Ours. */
    private const LIKE = 0.8;

    private const MOST_LIKE = 3;

    /**
     * @param  list<LogbookEntry>  $entries
     * @param  ?string  $mount  the code of the chosen motor's; null while none is chosen
     */
    private function __construct(private array $entries, private FramePrint $frame, private BikeKind $kind, private ?string $mount) {}

    public static function of(OpenJob $open): static
    {
        $kind = $open->job->bike->kind;
        $entries = LogbookEntry::query()->for($open->job)->limit(self::MOST_ENTRIES)->get()->all();

        return new self(array_values($entries), new FramePrint($kind, $open->findings->lengths()), $kind, $open->mount()?->code());
    }

    /** @return list<LikeJob> the likest frames, the likest first */
    public function like(): array
    {
        $like = array_map(fn (LogbookEntry $entry) => new LikeJob($entry, Likeness::between($this->frame, $entry->frame())), $this->entries);
        $like = array_filter($like, fn (LikeJob $one) => $one->likeness >= self::LIKE);
        usort($like, fn (LikeJob $a, LikeJob $b) => $b->likeness <=> $a->likeness);

        return array_slice($like, 0, self::MOST_LIKE);
    }

    /** @return list<string> what was found twice or more at a step, on bikes of the same kind with a motor of the same mount */
    public function at(string $step): array
    {
        $said = array_filter(
            $this->entries,
            fn (LogbookEntry $entry) => $entry->kind === $this->kind && $entry->mount === $this->mount && isset($entry->found[$step]),
        );

        return array_values(
            array_map(fn (LogbookEntry $entry) => "From job {$entry->number}: {$entry->found[$step]} when it came back.", $said),
        );
    }
}
