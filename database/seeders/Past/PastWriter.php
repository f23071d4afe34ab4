<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use App\Actions\ChangeJob;
use App\Actions\Kit\AnswerForLack;
use App\Actions\Kit\DecideSensors;
use App\Actions\Kit\NoteArrivals;
use App\Actions\Prove\EndJob;
use App\Actions\Prove\HandBikeOver;
use App\Actions\Prove\KeepRecheck;
use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\RecordProveCheck;
use App\Actions\Survey\FindRestFine;
use App\Bench\Departure;
use App\Bench\Lacking;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Workshop;
use Database\Seeders\DemoBench;
use Database\Seeders\DemoWorkshop;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function count;

/**
 * Works a year of made-up bikes through the doors of the application, and writes their rows down, to be shipped with the demo. Asked for
 * by `bin/make-past`, on a database of its own, whenever what a bike goes through has changed.
 *
 * @phpstan-import-type DemoJob from DemoBench
 */
class PastWriter extends Seeder
{
    public const FILE = 'demo/past.json.gz';

    private const BIKES = 80;

    private const FIRST_NUMBER = 161;

    private const SEED = 20_261;

    /** One of so many is given up, after it was measured. */
    private const GIVEN_UP = 11;

    private const WHY = [
        'The price of the motor was more than the bike.',
        'The customer moved away.',
        'The frame goes to somebody else first.',
        'Bought a bike with a motor instead.',
    ];

    private const SAID = [
        'A creak on hills', 'Rides well', 'Clicks once a turn', 'Nothing to say', 'The display fogs', 'Chain dropped once',
    ];

    private PastClock $clock;

    private DemoBench $bench;

    private Carbon $today;

    public function __construct(private readonly ChangeJob $change)
    {
        $this->clock = new PastClock;
        $this->bench = new DemoBench($change, $this->clock->tick(...));
    }

    public function run(): void
    {
        mt_srand(self::SEED);
        $this->today = Carbon::today();
        $people = DemoWorkshop::make(self::FIRST_NUMBER);
        $patterns = PastBikes::patterns();
        for ($i = 0; $i < self::BIKES; $i++) {
            $this->clock->setTo($this->today->copy()->subDays(358 - (int) ($i * 4.1) + mt_rand(0, 2)));
            $this->bike(PastBikes::like($patterns[$this->pattern($i, count($patterns))], $i), $i, $people['maren'], $people);
            Carbon::setTestNow();
        }
        file_put_contents(
            database_path(self::FILE),
            (string) gzencode(
                json_encode(['made_on' => $this->today->format('Y-m-d'), 'rows' => $this->rows()], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                9,
            ),
        );
    }

    /** Hardtails most of all. */
    private function pattern(int $i, int $count): int
    {
        return $i % 2 === 0 ? $count - 1 : intdiv($i, 2) % $count;
    }

    /**
     * @param  DemoJob  $demo
     * @param  array{maren: User, dov: User, ines: User}  $people
     */
    private function bike(array $demo, int $i, User $owner, array $people): void
    {
        $by = $people[$demo['by'] === 'maren' ? 'maren' : 'dov'];
        $isGivenUp = $i % self::GIVEN_UP === 5;
        if ($isGivenUp) {
            unset(
                $demo['motor'],
                $demo['ring'],
                $demo['strip'],
                $demo['battery'],
                $demo['cockpit'],
                $demo['sensors'],
                $demo['bracing'],
                $demo['riding'],
            );
        }
        $job = $this->bench->job($by, $by, ['promised_in' => 12] + $demo);
        if ($isGivenUp) {
            $this->clock->wait(mt_rand(1, 4));
            app(EndJob::class)($job, $by, JobEnd::GivenUp, self::WHY[$i % count(self::WHY)]);

            return;
        }
        $this->clock->wait(mt_rand(0, 6));
        $this->change->inOneGo($job, fn () => $this->build($job, $by, $owner));
        $this->change->inOneGo($job, fn () => $this->prove($job, $by, $demo));
        $this->clock->tick(WorkKind::HandOver);
        app(HandBikeOver::class)($job, $by, $job->version, Carbon::today()->addDays(14), 'Charger and key are in the bag.');
        $this->comeBack($job, $by, $i);
    }

    private function build(Job $job, User $by, User $owner): void
    {
        app(FindRestFine::class)($job, $owner, Subject::cases());
        app(NoteArrivals::class)($job, $owner, $job->version, null);
        foreach ($this->open($job)->the(Lacking::class)->open as $lack) {
            app(AnswerForLack::class)(
                $job, $owner, $lack->code, $lack->mark(), 'Talked over with the customer; it is looked at again at the re-check.',
            );
        }
        foreach ($this->open($job)->the(LineWatch::class)->facts->brakes->open() as $side) {
            app(DecideSensors::class)($job, $by, $job->version, [About::brakeSensor($side)->kept() => BrakeSensing::StickOn->value], []);
        }
        $this->bench->build($job, $by, PHP_INT_MAX);
    }

    /** @param  DemoJob  $demo */
    private function prove(Job $job, User $by, array $demo): void
    {
        foreach (['units' => 'km', 'wheel_mm' => '2180', 'cut_off_kmh' => '25', 'levels' => '5'] as $name => $value) {
            $this->clock->tick(WorkKind::Stand);
            app(KeepSetting::class)($job, $by, SettingName::from($name), $value, null, null);
        }
        $rides = false;
        foreach ($this->open($job)->the(Proving::class)->plan->checks as $check) {
            if ($check->chapter === Check::RIDE && ! $rides) {
                $this->clock->wait(1);
                $rides = true;
            }
            $this->clock->tick(WorkKind::ofCheck($check));
            $figure = $check->figure === null ? null : round(
                $check->figure->least + ($check->figure->most - $check->figure->least) * mt_rand(20, 80) / 100, 1,
            );
            app(RecordProveCheck::class)($job, $by, $check->code, ['state' => StepState::Done, 'figure' => $figure, 'note' => null]);
        }
    }

    private function comeBack(Job $job, User $by, int $i): void
    {
        for ($times = 1 + $i % 3; $times > 0 && now()->addDays(35)->isBefore($this->today); $times--) {
            $this->clock->wait(mt_rand(12, 30));
            $items = [];
            foreach ($this->open($job)->the(Departure::class)->plan->items as $code => $title) {
                $items[$code] = ['found' => $this->found($code), 'torque_nm' => null, 'note' => null];
            }
            app(KeepRecheck::class)(
                $job,
                $by,
                mt_rand(45, 640),
                Carbon::today()->addDays($times > 1 ? 20 : 365),
                self::SAID[mt_rand(0, count(self::SAID) - 1)],
                $items,
            );
        }
    }

    /** Most has held; now and then something is loose, and what rubs or wears does. */
    private function found(string $code): Found
    {
        $draw = mt_rand(0, 99);

        return match (true) {
            $draw < 4 => Found::Loose,
            $draw < 10 => Found::Moved,
            $draw < 13 && $code === 'ties' => Found::Frayed,
            $draw < 16 && $code === 'chain-wear' => Found::Worn,
            default => Found::Held,
        };
    }

    private function open(Job $job): OpenJob
    {
        return OpenJob::of(Job::opened($job->id));
    }

    /** @return array<string, list<array<string, mixed>>> by table; what points to a part of the workshop says by what that is known */
    private function rows(): array
    {
        $ways = PastRows::ways();
        $rows = [];
        foreach (PastRows::tables() as $table) {
            $rows[$table] = array_values(array_map(function (object $row) use ($ways, $table): array {
                $row = (array) $row;
                foreach ($ways[$table] ?? [] as $column => $to) {
                    $known = PastRows::KNOWN_BY[$to] ?? null;
                    $row[$column] = $known === null || $row[$column] === null ? $row[$column] : DB::table($to)->where('id', $row[$column])->value($known);
                }
                unset($row['workshop_id']);

                return array_filter($row, fn (mixed $value) => $value !== null);
            }, DB::table($table)->orderBy('id')->get()->all()));
        }

        return $rows;
    }
}
