<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Feed;
use App\Models\User;
use App\Models\Values\OpeningTimes;
use App\Models\Values\Skill;
use App\Models\Values\Skills;
use App\Models\Workshop;
use App\Planning\Learned;
use DateTimeZone;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\Minutes;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_combine;
use function array_keys;
use function array_map;
use function implode;
use function number_format;
use function sprintf;

/** When a workshop is open, and what pieces of work take in it. */
readonly class HoursPage
{
    public const WEEKDAYS = [
        'mon' => 'Monday',
        'tue' => 'Tuesday',
        'wed' => 'Wednesday',
        'thu' => 'Thursday',
        'fri' => 'Friday',
        'sat' => 'Saturday',
        'sun' => 'Sunday',
    ];

    public Workshop $workshop;

    public Minutes $minutes;

    public function __construct(private User $user)
    {
        $this->workshop = Workshop::query()->findOrFail($user->workshop_id);
        $this->minutes = Learned::of($user->workshop_id);
    }

    public function isSaid(): bool
    {
        return $this->workshop->hours !== null;
    }

    /** @return array<string, array{string, string}> label and hours, by the field's name */
    public function days(): array
    {
        $hours = $this->workshop->hours ?? OpeningTimes::usual();
        $days = [];
        foreach (array_keys(self::WEEKDAYS) as $i => $name) {
            $days[$name] = [self::WEEKDAYS[$name], $hours->weekdays[$i] ?? ''];
        }

        return $days;
    }

    public function closed(): string
    {
        return implode(', ', $this->workshop->hours->closed ?? []);
    }

    /** @return array<string, string> */
    public function zones(): array
    {
        return array_combine(DateTimeZone::listIdentifiers(), DateTimeZone::listIdentifiers());
    }

    /** @return list<array{WorkKind, string, string}> each kind of work, what a piece of it takes, and how that is known */
    public function takes(): array
    {
        return array_map(function (WorkKind $kind): array {
            $known = $this->minutes->known($kind);

            return [$kind, number_format($known[0] ?? $kind->minutes(), 1).' min', $known === null ? 'usual, ours'
                : sprintf('learned from %d; three of four under %s', $known[2], number_format($known[1], 1).' min')];
        }, WorkKind::cases());
    }

    /** @return Collection<int, Feed> the addresses that open: one's own, and for those who plan everybody's */
    public function feeds(): Collection
    {
        return Feed::query()->where('workshop_id', $this->workshop->id)->whereNull('revoked_at')->with('user')->orderBy('id')->get()
            ->filter(fn (Feed $feed) => $this->mayPlan() || $feed->user_id === $this->user->id)->values();
    }

    /** @return Collection<int, User> who works here */
    public function people(): Collection
    {
        return $this->workshop->users->whereNull('shut_out_at')->values();
    }

    /** @return list<Skill> */
    public function skills(): array
    {
        return ($this->workshop->skills ?? Skills::none())->all;
    }

    public function skillsMark(): string
    {
        return ($this->workshop->skills ?? Skills::none())->mark();
    }

    /** Which work asks for it, in words. */
    public function askedBy(Skill $skill): string
    {
        return implode(', ', array_map(fn (WorkKind $kind) => lcfirst($kind->label()), $skill->work));
    }

    /** Who has it, in words. */
    public function hadBy(Skill $skill): string
    {
        $can = $this->people()->filter(fn (User $one) => $skill->isHadBy($one->id));

        return $can->isEmpty() ? 'nobody, so that such work has no date' : $can->map(fn (User $one) => $one->firstName())->implode(', ');
    }

    public function mayPlan(): bool
    {
        return $this->user->can('plan', $this->workshop);
    }

    public function mayChange(): bool
    {
        return $this->user->can('setHouse', $this->workshop);
    }
}
