<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\ChangeJob;
use App\Actions\Drawer\ReservePieces;
use App\Actions\Jobs\StartJob;
use App\Actions\Kit\BraceBody;
use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Actions\Road\KeepRoad;
use App\Actions\Road\SetRiding;
use App\Actions\Steps\RecordBuildStep;
use App\Actions\Steps\RecordStripStep;
use App\Actions\Survey\GiveAnswer;
use App\Actions\Survey\KeepReading;
use App\Actions\Survey\RecordCondition;
use App\Actions\Survey\WeighCogs;
use App\Bench\OpenJob;
use App\Documents\CatalogueDocument;
use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\Role;
use App\Models\StepState;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\Rest;
use NeatSpindle\Core\Survey\Instrument;
use NeatSpindle\Core\Survey\Remedy;
use NeatSpindle\Core\Survey\Severity;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\Subject;

use function array_slice;
use function chr;
use function is_string;

/** A week in a made-up workshop: everything goes through the same doors as at the bench. */
class DemoSeeder extends Seeder
{
    /** What is written down where the catalogue has no figure. */
    private const TORQUE_BY_PAPER_NM = 9.5;

    /** Counts the ticks, so that entries are minutes apart. */
    private int $minutes = 0;

    public function __construct(private readonly ChangeJob $change) {}

    public function run(): void
    {
        $workshop = Workshop::query()->create(['name' => 'Tollgate Yard', 'place' => 'Upper Withen', 'first_number' => 241]);
        $maren = $this->person($workshop, 'Maren Quillon', 'maren', Role::Owner);
        $dov = $this->person($workshop, 'Dov Larrish', 'dov', Role::Installer);
        $ines = $this->person($workshop, 'Ines Pellow', 'ines', Role::Apprentice);
        app(ReadCatalogueIn::class)($maren, CatalogueDocument::read((string) file_get_contents(database_path('demo/catalogue.json'))));
        $this->drawerPlaces($workshop);
        foreach ([['eight', 200, 2], ['eight', 400, 1], ['three', 150, 2], ['three', 600, 1], ['power', 300, 2]] as [$connector, $length, $quantity]) {
            $workshop->leads()->create(['connector' => $connector, 'length_mm' => $length, 'quantity' => $quantity]);
        }
        foreach ($this->jobs() as $job) {
            $by = ['maren' => $maren, 'dov' => $dov, 'ines' => $ines][$job['by']];
            Carbon::setTestNow(now()->subDays($job['days_ago'])->setTime(9, 10));
            $this->job($by, $by->role === Role::Apprentice ? $maren : $by, $job);
            Carbon::setTestNow();
        }
    }

    private function person(Workshop $workshop, string $name, string $address, Role $role): User
    {
        return $workshop->users()->create([
            'name' => $name, 'email' => "{$address}@tollgate.example", 'password' => 'bench-demo', 'role' => $role,
        ]);
    }

    private function drawerPlaces(Workshop $workshop): void
    {
        foreach ($workshop->spacers()->get() as $i => $spacer) {
            $spacer->update(['lies_in' => 'tray '.chr(65 + intdiv($i, 4)).', cup '.($i % 4 + 1)]);
        }
    }

    /** @param  array<string, mixed>  $demo */
    private function job(User $by, User $chooser, array $demo): void
    {
        /** @var array{customer: string, bike: string, kind: string, frame_material: string, promised_in?: int, readings?: array<string, string>, answers?: array<string, string>, strip?: int, motor?: string, insert?: string, ring?: string, by_hand?: array<string, list<float>>, condition?: array<string, array{severity: string, remedy?: string, declined_by?: string, note?: string}>, bracing?: array<string, mixed>, riding?: array<string, mixed>, road?: bool, reserve?: bool, build?: int} $demo */
        $job = app(StartJob::class)($by, [
            ...array_intersect_key($demo, array_flip(['customer', 'bike', 'kind', 'frame_material'])),
            'promised_on' => isset($demo['promised_in']) ? Carbon::today()->addDays($demo['promised_in'])->format('Y-m-d') : null,
        ]);
        $this->change->inOneGo($job, fn () => $this->work($job, $by, $chooser, $demo));
    }

    /** @param  array{readings?: array<string, string>, answers?: array<string, string>, strip?: int, build?: int, condition?: array<string, array{severity: string, remedy?: string, declined_by?: string, note?: string}>, motor?: string, insert?: string, ring?: string, by_hand?: array<string, list<float>>, bracing?: array<string, mixed>, riding?: array<string, mixed>, road?: bool, reserve?: bool}  $demo */
    private function work(Job $job, User $by, User $chooser, array $demo): void
    {
        foreach ($demo['readings'] ?? [] as $spot => $typed) {
            $this->read($job, $by, $spot, $typed);
        }
        foreach ($demo['answers'] ?? [] as $question => $value) {
            $this->tick();
            Spot::tryFrom($question) === null
                ? app(WeighCogs::class)($job, $by, array_map(floatval(...), explode(' ', $value)))
                : app(GiveAnswer::class)($job, $by, Spot::from($question), $value);
        }
        foreach ($demo['condition'] ?? [] as $subject => $found) {
            $this->tick();
            app(RecordCondition::class)($job, $by, Subject::from($subject), [
                'severity' => Severity::from($found['severity']), 'remedy' => Remedy::tryFrom($found['remedy'] ?? ''),
                'declined_by' => $found['declined_by'] ?? null, 'note' => $found['note'] ?? null,
            ]);
        }
        $this->strip($job, $by, $demo['strip'] ?? 0);
        $this->choose($job, $chooser, $demo);
        $this->brace($job, $chooser, $demo);
        $this->build($job, $by, $demo['build'] ?? 0);
    }

    private function read(Job $job, User $by, string $code, string $typed): void
    {
        $spot = Spot::from($code);
        $instrument = $spot->instrument() ?? Instrument::Tape;
        $this->tick();
        $measured = (new LengthText(LengthUnit::Millimetre))->measurement($typed, $instrument->doubtMm());
        app(KeepReading::class)($job, $by, $spot, $measured, $instrument, $typed, isSure: true);
    }

    private function strip(Job $job, User $by, int $count): void
    {
        foreach (array_slice($this->open($job)->stripPlan()->steps, 0, $count) as $step) {
            $this->tick();
            app(RecordStripStep::class)($job, $by, $step->code, ['state' => StepState::Done, 'note' => null]);
        }
    }

    /** @param  array{motor?: string, insert?: string, ring?: string, by_hand?: array<string, list<float>>}  $demo */
    private function choose(Job $job, User $by, array $demo): void
    {
        if (! isset($demo['motor'])) {
            return;
        }
        $workshop = $by->workshop()->firstOrFail();
        $insert = isset($demo['insert']) ? $workshop->inserts()->where('code', $demo['insert'])->value('id') : null;
        $this->tick();
        app(ChooseMotor::class)($job, $by, $job->version, (int) $workshop->motors()->where('code', $demo['motor'])->value('id'), is_numeric($insert) ? (int) $insert : null);
        if (isset($demo['ring'])) {
            app(ChooseRing::class)($job, $by, $job->version, (int) $workshop->rings()->where('code', $demo['ring'])->value('id'));
        }
    }

    /** @param  array{bracing?: array<string, mixed>, riding?: array<string, mixed>, road?: bool, reserve?: bool}  $demo */
    private function brace(Job $job, User $by, array $demo): void
    {
        if (isset($demo['bracing'])) {
            $this->tick();
            [$position, $rest] = [$demo['bracing']['position'] ?? '', $demo['bracing']['rest'] ?? ''];
            app(BraceBody::class)(
                $job, $by, $job->version, $demo['bracing'],
                BodyPosition::from(is_string($position) ? $position : ''), Rest::tryFrom(is_string($rest) ? $rest : ''),
            );
        }
        if (isset($demo['riding'])) {
            $this->tick();
            app(SetRiding::class)($job, $by, $job->version, $demo['riding']);
        }
        if ($demo['road'] ?? false) {
            $road = GpxFile::read(database_path('demo/road.gpx'));
            app(KeepRoad::class)($job, $by, (string) $road->name(), $road);
        }
        if ($demo['reserve'] ?? false) {
            app(ReservePieces::class)($job, $by, $job->version);
        }
    }

    private function build(Job $job, User $by, int $count): void
    {
        $sheet = $count === 0 ? null : $this->open($job)->buildSheet();
        foreach (array_slice($sheet->steps ?? [], 0, $count) as $step) {
            $this->tick();
            app(RecordBuildStep::class)($job, $by, $step->code, [
                'state' => StepState::Done,
                'torque_nm' => $step->recordsTorque ? $step->torque?->middle() ?? self::TORQUE_BY_PAPER_NM : null,
                'compound' => $step->compound?->value,
                'note' => null,
            ]);
        }
    }

    private function open(Job $job): OpenJob
    {
        return OpenJob::of(Job::query()->with(Job::OPENED)->findOrFail($job->id));
    }

    private function tick(): void
    {
        Carbon::setTestNow(now()->addMinutes(1 + ++$this->minutes % 4));
    }

    /** @return list<array<string, mixed>> */
    private function jobs(): array
    {
        $trail = [
            'chainstay_length' => '438', 'over_locknuts' => '141.02', 'cog_inset' => '5.2', 'cog_pitch' => '3.95', 'wheel' => '2286',
            'stay_45' => '-4.2', 'stay_64' => '2.6', 'stay_80' => '3.7', 'stay_112' => '8.8', 'chain_twelve' => '306.1',
            'wheelbase' => '1168', 'room_base' => '548', 'room_front' => '530', 'room_rear' => '402', 'seat_tube' => '445', 'top_tube' => '612', 'down_tube' => '668', 'bar_to_head' => '255',
        ];
        $bareShell73 = ['shell_width' => '73.06 72.98 73.04', 'shell_bore' => '33.72 33.68', 'thread_pitch' => '1.06', 'guide_depth' => '3.4'];
        $bareShell68 = ['shell_width' => '68.02 68.08', 'shell_bore' => '33.66', 'thread_pitch' => '1.06', 'guide_depth' => '4.1'];
        $town = [
            'chainstay_length' => '452', 'over_locknuts' => '130.1', 'cog_inset' => '20.6', 'wheel' => '2198', 'stay_45' => '-5.5', 'stay_64' => '1.2',
            'stay_80' => '2.4', 'stay_112' => '5.0', 'seat_tube' => '520', 'top_tube' => '560', 'down_tube' => '640', 'bar_to_head' => '310',
        ];
        $cogs9 = '11 13 15 17 20 23 26 30 34';
        $cogs10 = '11 13 15 18 21 24 28 32 36 42';
        $square = ['crank_kind' => 'square-taper', 'bracket_kind' => 'threaded', 'front_mech' => 'yes', 'chain_kept' => 'no', 'kickstand' => 'no'];
        $bsa = [...$square, 'shell_threaded' => 'yes', 'drive_cup_loosens' => 'clockwise'];

        return [
            ['customer' => 'Ansel Brook', 'bike' => 'Moss long-tail, two child seats', 'kind' => 'long-tail', 'frame_material' => 'steel', 'by' => 'dov', 'days_ago' => 9, 'promised_in' => 8,
                'readings' => [...$trail, ...$bareShell68, 'chainstay_length' => '610', 'down_tube' => '702', 'wheelbase' => '1340'], 'answers' => [...$bsa, 'cogs' => $cogs9, 'old_chain_links' => '138'],
                'strip' => 12, 'motor' => 'heron-68', 'ring' => 'half-36', 'build' => 40, 'reserve' => true, 'road' => true,
                'riding' => ['mass_kg' => 210, 'grade_percent' => 12, 'rider_w' => 110, 'surface' => 'street', 'wind_kmh' => 5, 'assist_percent' => 90, 'battery_wh' => 620, 'cut_off_kmh' => 25],
                'bracing' => ['nut_torque_nm' => 48, 'thread_state' => 'threadlocker', 'shell_face' => 'bare', 'position' => 'below', 'rest' => 'block', 'rest_radius_mm' => 142, 'gap' => 'block']],
            ['customer' => 'Petra Vosslow', 'bike' => 'Slate trail hardtail, 29 in', 'kind' => 'diamond', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 4, 'promised_in' => 6,
                'readings' => [...$trail, ...$bareShell73], 'answers' => [...$bsa, 'cogs' => $cogs10, 'old_chain_links' => '112', 'cog_use' => '1 1 2 3 4 4 3 3 2 1'], 'road' => true,
                'strip' => 12, 'motor' => 'heron-73', 'ring' => 'deep-40', 'build' => 7,
                'condition' => ['frame' => ['severity' => 'fine'], 'wheels' => ['severity' => 'watch', 'remedy' => 'mend', 'note' => 'rear 0.8 mm out'], 'pads' => ['severity' => 'bad', 'remedy' => 'replace'], 'lights' => ['severity' => 'bad', 'remedy' => 'declined', 'declined_by' => 'Petra Vosslow']]],
            ['customer' => 'Tomas Ferrier', 'bike' => 'Chalk-white town bike, 3-speed hub', 'kind' => 'diamond', 'frame_material' => 'steel', 'by' => 'maren', 'days_ago' => 3, 'promised_in' => 9,
                'readings' => [...$town, ...$bareShell68], 'answers' => [...$bsa, 'cogs' => '19', 'hub_ratios' => '0.73 1 1.36', 'old_chain_links' => '104'], 'strip' => 12],
            ['customer' => 'Oona Marsh', 'bike' => 'Rust fat bike, 4.8 tyres', 'kind' => 'fat', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 3, 'promised_in' => 12,
                'readings' => [...$trail, 'chainstay_length' => '455', 'over_locknuts' => '190', 'cog_inset' => '6.1', 'shell_width' => '100.1 100.04', 'shell_bore' => '33.7', 'thread_pitch' => '1.06', 'guide_depth' => '1.5',
                    'stay_45' => '4.2', 'stay_64' => '11.2', 'stay_80' => '27.0', 'stay_112' => '38.5'],
                'answers' => [...$bsa, 'cogs' => $cogs9, 'old_chain_links' => '116'], 'strip' => 12, 'motor' => 'heron-100', 'ring' => 'half-36'],
            ['customer' => 'Wim Adderley', 'bike' => 'Fern step-through with basket', 'kind' => 'step-through', 'frame_material' => 'aluminium', 'by' => 'ines', 'days_ago' => 2, 'promised_in' => 7,
                'readings' => [...$town, 'shell_width' => '68.1', 'shell_bore' => '33.9 ± 0.1'], 'answers' => ['shell_threaded' => 'yes', 'cogs' => '18'], 'strip' => 12],
            ['customer' => 'Liesl Corran', 'bike' => 'Night-blue carbon hardtail', 'kind' => 'diamond', 'frame_material' => 'carbon', 'by' => 'maren', 'days_ago' => 2, 'promised_in' => 10,
                'readings' => [...$trail, ...$bareShell73, 'shell_width' => '73.02'], 'answers' => [...$bsa, 'cogs' => $cogs10], 'strip' => 12, 'motor' => 'heron-73', 'ring' => 'deep-40'],
            ['customer' => 'Jory Penn', 'bike' => 'Copper touring bike, steel', 'kind' => 'diamond', 'frame_material' => 'steel', 'by' => 'ines', 'days_ago' => 1, 'promised_in' => 8,
                'readings' => [...$trail, 'cog_pitch' => '4.34', 'cups_width' => '72.2', 'cup_flange' => '2.1'], 'answers' => [...$square, 'cogs' => $cogs9, 'old_chain_links' => '110'], 'strip' => 5],
            ['customer' => 'Hale Osmer', 'bike' => 'Sand full suspension, press-fit', 'kind' => 'full-suspension', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 1, 'promised_in' => 14,
                'readings' => [...$trail, 'shell_width' => '91.92 91.86', 'shell_bore' => '41.02'], 'answers' => ['crank_kind' => 'two-piece', 'bracket_kind' => 'press-fit', 'front_mech' => 'no', 'chain_kept' => 'no', 'kickstand' => 'no', 'shell_threaded' => 'no', 'cogs' => $cogs10, 'old_chain_links' => '118'],
                'strip' => 12, 'motor' => 'heron-100', 'insert' => 'sill-41', 'ring' => 'half-36'],
            ['customer' => 'Beata Rook', 'bike' => 'Plum tadpole trike', 'kind' => 'tadpole-trike', 'frame_material' => 'aluminium', 'by' => 'maren', 'days_ago' => 1, 'promised_in' => 20,
                'readings' => [...array_diff_key($trail, array_flip(['stay_45', 'stay_64', 'stay_80', 'stay_112'])), ...$bareShell68, 'chain_path' => '1905'], 'answers' => [...$bsa, 'cogs' => $cogs9, 'old_chain_links' => '330'],
                'strip' => 12, 'motor' => 'otter-68', 'ring' => 'deep-44'],
            ['customer' => 'Greta Follin', 'bike' => 'Oak-brown box bike, three children', 'kind' => 'box-cargo', 'frame_material' => 'steel', 'by' => 'dov', 'days_ago' => 1, 'promised_in' => 16,
                'readings' => ['chainstay_length' => '462', 'wheelbase' => '2010', 'front_wheel' => '1560', 'wheel' => '2070'], 'answers' => ['crank_kind' => 'splined', 'bracket_kind' => 'threaded', 'guard' => 'yes', 'cogs' => '20']],
            ['customer' => 'Silas Mott', 'bike' => 'Black downhill bike, 83 shell', 'kind' => 'downhill', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 1, 'promised_in' => 18,
                'condition' => ['frame' => ['severity' => 'stop', 'note' => 'hairline at the head tube, to be looked at by a frame builder']],
                'readings' => ['chainstay_length' => '445', 'wheelbase' => '1265'], 'answers' => ['crank_kind' => 'self-extracting']],
            ['customer' => 'Edda Crane', 'bike' => 'Grass-green delta trike', 'kind' => 'delta-trike', 'frame_material' => 'steel', 'by' => 'maren', 'days_ago' => 0, 'promised_in' => 24,
                'readings' => ['wheelbase' => '1210', 'boom_length' => '320'], 'answers' => ['crank_kind' => 'cottered']],
            ['customer' => 'Town Orchard', 'bike' => 'Four-wheeler for the harvest', 'kind' => 'four-wheeler', 'frame_material' => 'steel', 'by' => 'maren', 'days_ago' => 0, 'promised_in' => 30,
                'readings' => ['wheelbase' => '1400'], 'answers' => ['crank_kind' => 'one-piece']],
            ['customer' => 'Corin Hathe', 'bike' => 'Yellow school-run hardtail', 'kind' => 'diamond', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 0, 'promised_in' => 11,
                'readings' => ['chainstay_length' => '430', 'over_locknuts' => '135'], 'answers' => ['cogs' => $cogs9]],
            ['customer' => 'Runa Halvick', 'bike' => 'Pine touring frame, narrow shell', 'kind' => 'diamond', 'frame_material' => 'steel', 'by' => 'ines', 'days_ago' => 2, 'promised_in' => 13,
                'readings' => [...$trail, ...$bareShell68, 'guide_depth' => '1.8', 'cog_pitch' => '4.34', 'over_locknuts' => '135.1'], 'answers' => [...$bsa, 'cogs' => $cogs9, 'old_chain_links' => '108'],
                'strip' => 12, 'motor' => 'bittern-83', 'ring' => 'half-36',
                'bracing' => ['position' => 'below', 'rest' => 'tube_band', 'rest_radius_mm' => 165, 'gap' => 'wire']],
            ['customer' => 'Mirko Tallis', 'bike' => 'Teal hauler, keeps its own spindle', 'kind' => 'long-tail', 'frame_material' => 'aluminium', 'by' => 'dov', 'days_ago' => 2, 'promised_in' => 15,
                'readings' => [...$trail, 'shell_width' => '92.04 92.0', 'shell_bore' => '41.02', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.72 40.68', 'crank_gap' => '23.1', 'first_chain_run' => '182', 'first_chain_play' => '14 13.5', 'arm_in' => '9', 'arm_out' => '12', 'chainstay_length' => '604'],
                'answers' => ['crank_kind' => 'splined', 'bracket_kind' => 'press-fit', 'front_mech' => 'no', 'chain_kept' => 'no', 'kickstand' => 'no', 'shell_threaded' => 'no', 'cogs' => $cogs9, 'old_chain_links' => '136', 'bearing_feel' => 'play'],
                'strip' => 12, 'motor' => 'wren-pair', 'ring' => 'plain-40'],
        ];
    }
}
