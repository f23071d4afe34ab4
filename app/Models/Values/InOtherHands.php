<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Whole\Calendar\Elsewhere;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function count;
use function is_array;
use function is_int;
use function is_string;
use function substr;

/**
 * What of a job lies in other hands, and what did: a wheel at another shop, a question to the customer. Nothing of it is deleted.
 *
 * @phpstan-type Note array{kind: string, what: string, before: string, back_on: ?string, by: int, since: string, ended: ?string, ended_by: ?int}
 */
final readonly class InOtherHands implements Kept
{
    use ReadsKept;

    public const MOST = 20;

    /** @param  list<Note>  $notes  in the order in which they were noted; times are universal */
    private function __construct(private array $notes) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @return array<int, Elsewhere> what still lies there, by its number here */
    public function open(): array
    {
        $open = [];
        foreach ($this->notes as $i => $note) {
            $note['ended'] !== null ?: $open[$i] = new Elsewhere(
                "elsewhere-{$i}", ElsewhereKind::from($note['kind']), $note['what'], WorkKind::from($note['before']),
                (int) WallClock::day(substr($note['since'], 0, 10)), $note['back_on'] === null ? null : WallClock::day($note['back_on']),
            );
        }

        return $open;
    }

    /** @return list<Note> */
    public function all(): array
    {
        return $this->notes;
    }

    public function isFull(): bool
    {
        return count($this->notes) >= self::MOST;
    }

    /** @param  ?string  $backOn  a day */
    public function with(ElsewhereKind $kind, string $what, WorkKind $before, ?string $backOn, int $by): self
    {
        return new self([...$this->notes, [
            'kind' => $kind->value, 'what' => $what, 'before' => $before->value, 'back_on' => $backOn, 'by' => $by,
            'since' => now()->format('Y-m-d\TH:i'), 'ended' => null, 'ended_by' => null,
        ]]);
    }

    /** As if one of them were back; null where there is no such, or it is back already. */
    public function without(int $number, int $by): ?self
    {
        if (! isset($this->open()[$number])) {
            return null;
        }
        $notes = $this->notes;
        $notes[$number] = ['ended' => now()->format('Y-m-d\TH:i'), 'ended_by' => $by] + $notes[$number];

        return new self($notes);
    }

    public static function fromArray(array $kept): static
    {
        $notes = [];
        foreach (is_array($kept['notes'] ?? null) ? $kept['notes'] : [] as $one) {
            $one = is_array($one) ? $one : [];
            [$kind, $before] = [self::oneOf($one, 'kind', ElsewhereKind::class), self::oneOf($one, 'before', WorkKind::class)];
            if ($kind !== null && $before !== null) {
                $notes[] = [
                    'kind' => $kind->value, 'what' => self::text($one, 'what') ?? '', 'before' => $before->value, 'back_on' => self::text($one, 'back_on'),
                    'by' => is_int($one['by'] ?? null) ? $one['by'] : 0, 'since' => self::text($one, 'since') ?? '',
                    'ended' => self::text($one, 'ended'), 'ended_by' => is_int($one['ended_by'] ?? null) ? $one['ended_by'] : null,
                ];
            }
        }

        return new self($notes);
    }

    public function toArray(): array
    {
        return ['notes' => $this->notes];
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function text(array $kept, string $key): ?string
    {
        return is_string($kept[$key] ?? null) ? $kept[$key] : null;
    }
}
