<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ChangeJob;
use App\Actions\House\ChooseSchool;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Ground\House\School;

/**
 * A week in a made-up workshop, from `database/demo`: everything goes through the same doors as at the bench.
 *
 * @phpstan-import-type DemoJob from DemoBench
 */
class DemoSeeder extends Seeder
{
    /** Counts the ticks, so that entries are minutes apart. */
    private int $minutes = 0;

    public function __construct(private readonly ChangeJob $change) {}

    public function run(): void
    {
        ['maren' => $maren, 'dov' => $dov, 'ines' => $ines] = DemoWorkshop::make(firstNumber: 241);
        $this->rule($maren, 60, School::CrankGreased, 'Dry tapers creaked twice in wet winters; a thin film, and the wrench again after five kilometres.');
        $bench = new DemoBench($this->change, fn () => Carbon::setTestNow(now()->addMinutes(1 + ++$this->minutes % 4)));
        foreach ($this->jobs() as $job) {
            $by = ['maren' => $maren, 'dov' => $dov, 'ines' => $ines][$job['by']];
            Carbon::setTestNow(now()->subDays($job['days_ago'])->setTime(9, 10));
            $bench->job($by, $by->role === Role::Apprentice ? $maren : $by, $job);
            Carbon::setTestNow();
        }
        $this->rule($maren, 0, School::CupDrive, 'The drive-side one is what sticks here; better to know it while the shell is stiff.');
    }

    private function rule(User $by, int $daysAgo, School $school, string $why): void
    {
        Carbon::setTestNow(now()->subDays($daysAgo)->setTime(8, 40));
        app(ChooseSchool::class)($by, $school, $why, 0);
        Carbon::setTestNow();
    }

    /** @return list<DemoJob> the workshop's jobs, in the order they came in */
    private function jobs(): array
    {
        /** @var list<DemoJob> */
        return json_decode((string) file_get_contents(database_path('demo/jobs.json')), true, flags: JSON_THROW_ON_ERROR);
    }
}
