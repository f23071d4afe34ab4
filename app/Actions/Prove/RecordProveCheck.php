<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Steps\StepRecorder;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\StepState;
use App\Models\User;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\DisplayLine;
use NeatSpindle\Core\Whole\Prove\Look;

use function array_slice;
use function count;
use function in_array;

/** Keeps what came of a check: right, a miss with what was seen, or the record taken back. Whether it may be made is the core's to say. */
class RecordProveCheck extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StepRecorder $recorder)
    {
        parent::__construct($change);
    }

    /**
     * @param  array{state: StepState, figure: ?float, note: ?string}|null  $done  null takes the record back
     * @param  ?DisplayLine  $line  what the motor said; the core then says what came of it
     * @param  int  $seen  the record the person saw standing there; 0 when none did
     * @param  array<string, int>  $with  what was looked at in the same go, each with the record the person saw there, by its code
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0, ?DisplayLine $line = null, array $with = []): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $code, $done, $seen, $line, $with): void {
            $proving = $open->the(Proving::class);
            $check = $proving->plan->check($code) ?? $this->refuse(
                'step', 'There is no such check on this bike any more: look at it again.',
            );
            $objection = $done === null && $line === null ? null : $proving->holdOn($check)?->says;
            $objection === null || $this->refuse('state', $objection);
            $done = $line === null ? $done : $this->said($open->the(LineWatch::class)->lookAt($check, $line));
            $lacks = ($done['state'] ?? null) === StepState::Done ? $check->lacks($done['figure'] ?? null) : null;
            $lacks === null || $this->refuse('figure', $lacks);
            $this->record($job, $by, $check, $done, $seen, $line);
            foreach ($this->lookedAtWith($proving, $check, array_keys($with)) as $one) {
                $this->record($job, $by, $one, ['state' => StepState::Done, 'figure' => null, 'note' => null], $with[$one->code]);
            }
        });
    }

    /**
     * Those that were looked at with a check: each may be made once it and all between are right, so none is left out before another.
     *
     * @param  list<string>  $codes
     * @return list<Check> in the order of the plan
     */
    private function lookedAtWith(Proving $proving, Check $check, array $codes): array
    {
        [$looked, $right] = [[], [$check->code]];
        foreach ($codes === [] ? [] : array_slice($proving->movement($check), 1) as $one) {
            if (in_array($one->code, $codes, true)) {
                $objection = $proving->holdOn($one, $right)?->says;
                $objection === null || $this->refuse('state', $objection);
                [$looked[], $right[]] = [$one, $one->code];
            }
        }
        if (count($looked) !== count($codes)) {
            $this->refuse('state', 'Not all of that is looked at in one go any more: look at the list again.');
        }

        return $looked;
    }

    /** @param  array{state: StepState, figure: ?float, note: ?string}|null  $done */
    private function record(Job $job, User $by, Check $check, ?array $done, int $seen, ?DisplayLine $line = null): void
    {
        $this->recorder->record($job, $by, $seen, Sheet::Prove, $check->code, [
            'title' => $check->title, 'things' => $check->things, 'figure' => $check->figure?->band(),
            'line' => $line?->raw, 'work' => WorkKind::ofCheck($check),
        ], $done);
    }

    /** @return array{state: StepState, figure: ?float, note: string} */
    private function said(?Look $look): array
    {
        return match (true) {
            $look === null => $this->refuse('line', 'The motor’s line says nothing about this check: look, and say what came of it.'),
            $look->isRight(), $look->isMiss() => [
                'state' => $look->isRight() ? StepState::Done : StepState::Stopped, 'figure' => $look->figure, 'note' => "On the line: {$look->says}",
            ],
            default => $this->refuse('line', "Nothing was taken from the line yet. {$look->says}"),
        };
    }
}
