<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ChangeJob;
use App\Actions\House\ChooseSchool;
use App\Actions\Orders\PlaceOrder;
use App\Actions\Orders\ReceiveOrder;
use App\Actions\Pictures\KeepPicture;
use App\Actions\Pictures\SayOfPicture;
use App\Documents\Photograph;
use App\Models\Job;
use App\Models\PictureOf;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Ordering\Proposed;
use App\Ordering\ToOrder;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use NeatSpindle\Core\Ground\House\School;

use function array_slice;

/**
 * A week in a made-up workshop, from `database/demo`: everything goes through the same doors as at the bench.
 *
 * @phpstan-import-type DemoJob from DemoBench
 */
class DemoSeeder extends Seeder
{
    /** Of which job, what it shows, drawn where, what is to be seen, and whether it leaves with the bike. */
    private const PICTURES = [
        [241, 'intake', '', 'as-it-came', 'Cables as they lay', true], [241, 'spot', 'stay_45', 'stay', 'Where the stay bends in', false],
        [241, 'build', 'body-in', 'section', 'Spacers as they went in', true], [242, 'spot', 'shell_width', 'shell',
            'Faced on both sides', false],
        [242, 'spot', 'shell_width', 'section', 'The same, before facing', false],
    ];

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
        $this->order($maren);
        $this->pictures($maren);
        $this->rule($maren, 0, School::CupDrive, 'The drive-side one is what sticks here; better to know it while the shell is stiff.');
    }

    /** Two orders: one that is on its way for the jobs, one that is late and came in part. */
    private function order(User $by): void
    {
        Auth::setUser($by);
        $late = ToOrder::of($by->workshop)->lines;
        Carbon::setTestNow(now()->subDays(9)->setTime(16, 20));
        $shelf = array_filter($late, fn (Proposed $line) => $line->job === null);
        $order = app(PlaceOrder::class)($by, 'Ferrow Chain and Cable', array_column(array_map(fn (Proposed $line) => [$line->key,
            $line->count], $shelf), 1, 0), ['Gear housing, in metres', 20], now()->addDays(5)->format('Y-m-d'), 'by post');
        Carbon::setTestNow();
        $line = $order->lines()->latest('id')->firstOrFail();
        app(ReceiveOrder::class)($by, $order, $order->version, [$line->id => 10], []);
        $spacers = array_filter(ToOrder::of($by->workshop)->lines, fn (Proposed $line) => $line->job !== null && $line->mark === null);
        app(PlaceOrder::class)($by, 'Skelder Turning', array_column(array_map(fn (Proposed $line) => [$line->key, $line->count],
            array_slice($spacers, 0, 2)), 1, 0), ['Deburring, by the hour', 1], today()->addDays(6)->format('Y-m-d'), null);
        Auth::forgetUser();
    }

    private function pictures(User $by): void
    {
        foreach (self::PICTURES as [$number, $of, $code, $name, $note, $isOnSheet]) {
            $job = Job::query()->where('number', $number)->firstOrFail();
            $photograph = Photograph::read(database_path("demo/pictures/{$name}.png"));
            $picture = app(KeepPicture::class)($job, $by, PictureOf::from($of), $code, $photograph, $note, showsPerson: false);
            $isOnSheet && app(SayOfPicture::class)($job, $by, $picture, $note, false, true, $picture->mark());
        }
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
