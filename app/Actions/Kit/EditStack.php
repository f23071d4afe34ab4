<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChange;
use App\Models\User;
use NeatSpindle\Core\Parts\Drawer\HandEdit;
use NeatSpindle\Core\Parts\Drawer\Place;

use function in_array;

/** One edit of the stack by hand, made only against the places it touches, so that two people can work on one stack. */
class EditStack extends KitAction
{
    /** @throws PlaceChangedMeanwhile when somebody else changed one of the places since */
    public function __invoke(Job $job, User $by, int $seen, HandEdit $edit): void
    {
        ($this->change)($job, $by, 'choose', null, function (OpenJob $open) use ($by, $seen, $edit): void {
            $this->expectPlacesOfTheMount($open, $edit);
            $this->expectUntouched($open->job, $seen, $edit);
            $this->kit->alter(
                $open, $by, $edit->what, array_map(fn (Place $place) => $place->value, $edit->touched()),
                fn (Kit $kit) => $kit->by_hand = $edit->appliedTo($kit->by_hand),
            );
        });
    }

    private function expectPlacesOfTheMount(OpenJob $open, HandEdit $edit): void
    {
        $places = $open->mount()?->places() ?? Place::cases();
        foreach ($edit->touched() as $place) {
            if (! in_array($place, $places, true)) {
                $this->refuse($edit->touched()[0]->value, 'This mount has no such place.');
            }
        }
    }

    private function expectUntouched(Job $job, int $seen, HandEdit $edit): void
    {
        $since = KitChange::query()->with('user')->where('job_id', $job->id)->where('version', '>', $seen)->latest('id')->get();
        foreach ($edit->touched() as $place) {
            $other = $since->first(fn (KitChange $change) => in_array($place->value, $change->touched, true));
            if ($other !== null) {
                throw PlaceChangedMeanwhile::by($other, $place);
            }
        }
    }
}
