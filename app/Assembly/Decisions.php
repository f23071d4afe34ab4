<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Decision;
use App\Models\Job;
use App\Models\Values\About;
use App\Models\Values\AboutKind;

/** What stands decided by name in a job. */
readonly class Decisions
{
    /** @param  list<array{About, Decision}>  $all  in the order they were made */
    private function __construct(private array $all) {}

    public static function of(Job $job): self
    {
        $all = [];
        foreach ($job->decisions as $decision) {
            $about = About::read($decision->about);
            $about === null ?: $all[] = [$about, $decision];
        }

        return new self($all);
    }

    /** The decision that stands about it; null where nobody has decided. */
    public function about(About $about): ?Decision
    {
        foreach ($this->all as [$one, $decision]) {
            if ($one->is($about)) {
                return $decision;
            }
        }

        return null;
    }

    /** @return array<string, Decision> those of a kind, by which one of it they are about */
    public function ofKind(AboutKind $kind): array
    {
        $found = [];
        foreach ($this->all as [$about, $decision]) {
            $about->kind !== $kind ?: $found[$about->which] = $decision;
        }

        return $found;
    }
}
