<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use App\Actions\Calendar\NoteAbsence;
use App\Actions\Calendar\NoteElsewhere;
use App\Actions\Calendar\PlanJob;
use App\Actions\Jobs\StartJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function count;

/**
 * Two full weeks ahead in the demo's workshop: bikes that were brought in and not touched yet, one away at another shop, a question
 * that is open, somebody away.
 */
final class Fortnight
{
    private const BIKES = [
        ['Isa Fennimore', 'Plum city bike', 'diamond'], ['Bram Colley', 'Sea-green tourer', 'diamond'],
        ['Ottilie Reeve', 'Grey step-through', 'step-through'], ['Niall Wexford', 'Signal-red hardtail', 'diamond'],
        ['Greta Follin', 'Second box bike, blue', 'box-cargo'], ['Pia Lindow', 'Walnut cruiser', 'step-through'],
        ['Ezra Thackray', 'Matt black commuter', 'diamond'], ['Mina Oduya', 'Lemon long-tail', 'long-tail'],
        ['Tom Averill', 'Silver randonneur', 'diamond'], ['Runa Halvick', 'Her other bike', 'diamond'],
        ['Lotte Brandis', 'Oxblood fat bike', 'fat'], ['Cuno Marrable', 'Dove-grey delta', 'delta-trike'],
        ['Hester Vane', 'Copper step-through', 'step-through'], ['Jonty Askew', 'White full suspension', 'full-suspension'],
        ['Marit Solberg', 'Blue tandem-length cargo', 'long-tail'], ['Piers Calloway', 'Bottle-green classic', 'diamond'],
        ['Dora Whitlock', 'Orange school bike', 'diamond'], ['Kit Ambrose', 'Chrome shopper', 'step-through'],
    ];

    /** So many days ahead they are promised, one after the other, from the fourth day on. */
    private const FROM = 4;

    public function make(Workshop $workshop): void
    {
        $people = User::query()->where('workshop_id', $workshop->id)->get()->keyBy(fn (User $user) => $user->firstName());
        [$maren, $dov] = [$people->get('Maren') ?? $people->firstOrFail(), $people->get('Dov') ?? $people->firstOrFail()];
        $jobs = [];
        foreach (self::BIKES as $i => [$customer, $bike, $kind]) {
            Carbon::setTestNow(Carbon::now()->subDays(1 + $i % 5)->setTime(16, 5 + $i));
            $jobs[] = app(StartJob::class)($i % 2 === 0 ? $dov : $maren, [
                'customer' => $customer, 'bike' => $bike, 'kind' => $kind, 'frame_material' => $i % 3 === 0 ? 'steel' : 'aluminium',
                'promised_on' => Carbon::today()->addDays(self::FROM + 5 + (int) ($i * 12 / count(self::BIKES)))->format('Y-m-d'),
                'phone' => $i % 4 === 0 ? '+351 22 555 01'.(10 + $i) : null,
            ]);
            Carbon::setTestNow();
        }
        $away = app(NoteElsewhere::class);
        $back = Carbon::today()->addWeekdays(6)->format('Y-m-d');
        $away($jobs[3], $dov, $jobs[3]->version, ElsewhereKind::Shop, 'rear wheel: a new rim and spokes', WorkKind::Drive, $back);
        $away($jobs[10], $maren, $jobs[10]->version, ElsewhereKind::Customer, 'narrower tyres or another motor', WorkKind::Choose, null);
        $this->parts($workshop, $maren);
        $free = Carbon::today()->addWeekdays(4);
        app(NoteAbsence::class)($maren, $dov->id, $free->format('Y-m-d'), $free->copy()->addWeekday()->format('Y-m-d'));
    }

    /** What waits for parts has a day named, but for one. */
    private function parts(Workshop $workshop, User $by): void
    {
        $waiting = Job::query()->where('workshop_id', $workshop->id)->whereNull('ended_at')->whereNull('handed_over_at')->orderBy('number')->get()
            ->filter(fn (Job $job) => ($job->rest['parts'] ?? false) === true)->values();
        foreach ($waiting->slice(1) as $i => $job) {
            app(PlanJob::class)($job, $by, $job->version, [
                'promised_on' => $job->promised_on?->format('Y-m-d'), 'parts_on' => Carbon::today()->addWeekdays(3 + $i)->format('Y-m-d'), 'before_id' => null, 'hands' => null,
            ]);
        }
    }
}
