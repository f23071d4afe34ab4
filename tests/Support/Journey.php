<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\StepRecord;
use App\Models\User;
use Illuminate\Http\Request;
use LogicException;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function count;
use function in_array;

/** A new user with one bike: gives what is asked, presses what is up, and counts both. */
final class Journey
{
    /** What a steel frame with a 68 mm shell and a derailleur shows. */
    public const STEEL_68 = [
        'crank_kind' => 'square-taper', 'bracket_kind' => 'threaded', 'guide_depth' => '1.8', 'stay_45' => '-4.2', 'stay_64' => '2.6',
        'stay_80' => '3.7', 'stay_112' => '8.8',
        'chainstay_length' => '438', 'over_locknuts' => '135.1', 'cog_inset' => '5.2', 'cog_pitch' => '4.34',
        'cogs' => '11 13 15 17 20 23 26 30 34', 'wheel' => '2286',
        'shell_width' => '68.02 68.08', 'shell_bore' => '33.66', 'shell_threaded' => 'yes', 'drive_cup_loosens' => 'clockwise',
        'thread_pitch' => '1.06', 'down_tube' => '650', 'bar_to_head' => '250', 'room_base' => '650', 'room_front' => '610',
        'room_rear' => '510',
    ];

    private const DONE = 'button[name="state"][value="done"]';

    public int $readings = 0;

    public int $presses = 0;

    /** @var list<string> the spots that were up, in the order they came */
    public array $asked = [];

    /** @param  array<string, string>  $says what a reading shows, or the value of an answer, by the spot's code */
    private function __construct(public readonly Pages $site, private readonly array $says) {}

    /** @param  array<string, string>  $says */
    public static function of(Pages $site, array $says): self
    {
        return new self($site, $says);
    }

    /**
     * Somebody with a workshop that has the demo's catalogue, signed in, with its pages on paper.
     *
     * @param  array<string, string>  $says what the bike shows, by the spot's code
     * @param  ?callable(User): mixed  $prepare
     */
    public static function asNewUser(array $says, ?callable $prepare = null): self
    {
        $person = Workshops::stocked();
        $prepare === null || $prepare($person);

        return new self(Paper::open()->signIn($person->email, Workshops::PASSWORD), $says);
    }

    /** @return list<string> titles of the only job's sheet, of which every step must be done */
    public static function builtSheet(): array
    {
        $steps = OpenJob::of(Workshops::fresh(Job::query()->sole()))->buildSheet()->steps ?? [];
        $done = StepRecord::query()->where('sheet', 'build')->whereNull('superseded_at')->where('state', 'done')->pluck('step')->all();
        expect(array_diff(array_map(fn (BuildStep $step) => $step->code, $steps), $done))->toBe([]);

        return array_map(fn (BuildStep $step) => $step->title, $steps);
    }

    public function takeIn(string $kind, string $material, string $bike): self
    {
        $this->site->visit('/');
        $this->press('Take a bike in');
        $this->site->type('customer', 'A. Rider')->type('bike', $bike)->tick("#kind-{$kind}")->choose('frame_material', $material);

        return $this->press('Start measuring');
    }

    /** Says what is only offered, at its own spot. */
    public function alsoSay(string ...$spots): self
    {
        foreach ($spots as $spot) {
            $this->site->visit("/jobs/{$this->job()}/survey?spot={$spot}");
            $this->giveAt($spot);
        }

        return $this;
    }

    /** Gives whatever spot is up, until the survey has nothing more to ask and leads on. */
    public function survey(): self
    {
        for ($i = 0; $i < 60 && $this->isAt('survey') && ! $this->site->has('#next-place'); $i++) {
            $this->giveAt($this->spotUp());
        }

        return $this;
    }

    /** Takes the bike apart, step by step, to where it leads on. */
    public function strip(): self
    {
        for ($i = 0; $i < 60 && $this->isAt('strip') && $this->site->has('button[name="state"][value="done"]'); $i++) {
            if ($this->site->has('#bolts')) {
                $this->site->type('bolts', 'two M5 × 12, one to each side');
            }
            $this->click('button[name="state"][value="done"]');
        }

        return $this;
    }

    public function choose(string $motor): self
    {
        return $this->click("button[aria-label^='Choose {$motor}']");
    }

    /** Says what the body rests on. */
    public function rest(string $rest, string $radius = '120', string $position = 'below'): self
    {
        $this->site->visit("/jobs/{$this->job()}/stack/rest");
        $this->site->value('position') === $position || $this->site->choose('position', $position);
        $this->site->tick("input[name='rest'][value='{$rest}']")->choose('gap', 'nothing')->type('rest-radius', $radius);

        return $this->click('#keep-rest');
    }

    /**
     * Builds to the last step, typing bands from papers and torques in the middle of theirs; at some steps every other
     * one that is held is tried, and must be refused with a reason.
     *
     * @param  array<string, callable(self, string): mixed>  $before what is done elsewhere before a step, by a word of why it is held
     * @return int how many wrong orders were refused
     */
    public function build(array $before = [], bool $triesWrongOrders = true): int
    {
        $refused = 0;
        $before += [
            'from sensor to magnet' => fn () => $this->measureTheGap(), 'Not here yet' => fn () => $this
                ->sayAllIsHere(), 'is too short' => fn (self $at, string $why) => $this->lengthen($why),
            'No battery is chosen' => fn () => $this->answerFor('pack'), 'only tight' => fn () => $this->answerFor('tight-stack'),
        ];
        $this->site->visit("/jobs/{$this->job()}/build");
        for ($i = 0; $i < 90; $i++) {
            if ($triesWrongOrders && $i % 9 === 0) {
                $refused += $this->tryWrongOrders();
            }
            $there = $this->site->whichOf(self::DONE, '#band', '#torque');
            if (! in_array(self::DONE, $there, true)) {
                if (! $this->isHeldFor($before)) {
                    break;
                }

                continue;
            }
            $this->doStep($there);
        }

        return $refused;
    }

    /** The number of the job in the address. */
    public function job(): int
    {
        preg_match('#/jobs/(\d+)#', $this->site->address(), $found);

        return (int) ($found[1] ?? throw new LogicException('No job is open.'));
    }

    public function spotUp(): string
    {
        return $this->site->attributes('.spot input[name=spot]', 'value')[0] ?? '';
    }

    private function giveAt(string $code): void
    {
        $spot = Spot::from($code);
        $says = $this->says[$code] ?? throw new LogicException("Nobody knows what to say at {$code}.");
        $this->asked[] = $code;
        if ($spot->choices() !== []) {
            $this->click(".spot button[name='value'][value='{$says}']");

            return;
        }
        $this->site->type($spot->kind()->isMeasured() ? 'typed' : 'value', $says);
        $this->readings += $spot->kind()->isMeasured() ? 1 : 0;
        $this->press('Keep');
    }

    /** Everything that was to be got has come. */
    public function sayAllIsHere(): self
    {
        $this->site->visit("/jobs/{$this->job()}/stack/order");

        return $this->click('#all-here');
    }

    /** An owner lets the bike leave without something. */
    public function answerFor(string $lack): self
    {
        $this->site->visit("/jobs/{$this->job()}/prove/hand-over")->tick("li:has(#why-{$lack}) summary")
            ->type("why-{$lack}", 'The customer wants it so');

        return $this->click("li:has(#why-{$lack}) button");
    }

    /** Another lead, as long as the way is. */
    private function lengthen(string $why): void
    {
        preg_match(
            '/The ([^:]+?) is too short: its way takes (\d+) mm/u', $why, $told,
        ) === 1 || throw new LogicException("No length is told: {$why}");
        $this->site->visit("/jobs/{$this->job()}/route");
        $field = $this->site->attributes("form:has([aria-label='Keep the lead of {$told[1]}']) input[name=supply]", 'id')[0] ?? '';
        $this->site->type($field, (string) ((int) $told[2] + 60));
        $this->click("[aria-label='Keep the lead of {$told[1]}']");
    }

    /** From the speed sensor to its magnet, as every motor of the demo allows it. */
    private function measureTheGap(): void
    {
        $this->site->visit("/jobs/{$this->job()}/route/sensors")->type('typed', '3.5');
        $this->click('#keep-gap');
    }

    /** @param  list<string>  $asked  what the step has fields for */
    private function doStep(array $asked): void
    {
        if (in_array('#band', $asked, true) && $this->site->value('band') === '') {
            $this->site->type('band', '8 to 10')->type('paper', 'the card in its bag');
        }
        if (in_array('#torque', $asked, true)) {
            preg_match(
                '/([\d.]+) to ([\d.]+)/u', in_array('#band', $asked, true) ? $this->site->value('band') : $this->site->text('#torque-band'),
                $band,
            );
            $this->site->type('torque', (string) ((((float) ($band[1] ?? 0)) + (float) ($band[2] ?? 0)) / 2));
        }
        $this->click(self::DONE);
    }

    /** @param  array<string, callable(self, string): mixed>  $before */
    private function isHeldFor(array $before): bool
    {
        $why = $this->site->has('#held') ? $this->site->text('#held') : '';
        foreach ($before as $word => $do) {
            if (str_contains($why, $word)) {
                $job = $this->job();
                $do($this, $why);
                $this->site->visit("/jobs/{$job}/build");

                return true;
            }
        }

        return false;
    }

    /** Every step that is held now is sent as done past the page; each must come back refused, with a reason. */
    private function tryWrongOrders(): int
    {
        $held = $this->site->attributes('.step-list a:has(.waiting-step)', 'href');
        foreach ($held as $address) {
            $step = Request::create($address)->query->getString('step');
            $said = $this->site->send("/jobs/{$this->job()}/build", ['step' => $step, 'state' => 'done', 'torque' => '9']);
            if ($said['status'] !== 422 || implode('', $said['errors']['state'] ?? []) === '') {
                throw new LogicException("{$step} was not refused: ".json_encode($said));
            }
        }

        return count($held);
    }

    private function isAt(string $place): bool
    {
        return str_contains($this->site->address(), "/{$place}");
    }

    public function press(string $words): self
    {
        $this->presses++;
        $this->site->press($words);

        return $this;
    }

    public function click(string $selector): self
    {
        $this->presses++;
        $this->site->click($selector);

        return $this;
    }
}
