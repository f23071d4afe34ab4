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
use NeatSpindle\Core\Whole\Prove\DisplayLine;
use NeatSpindle\Core\Whole\Prove\Look;

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
     */
    public function __invoke(Job $job, User $by, string $code, ?array $done, int $seen = 0, ?DisplayLine $line = null): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $code, $done, $seen, $line): void {
            $proving = $open->the(Proving::class);
            $check = $proving->plan->check($code) ?? $this->refuse(
                'step', 'There is no such check on this bike any more: look at it again.',
            );
            $done = $line === null ? $done : $this->said($open->the(LineWatch::class)->lookAt($check, $line));
            $objection = $done === null ? null : $proving->objection($check);
            $objection === null || $this->refuse('state', $objection);
            $lacks = ($done['state'] ?? null) === StepState::Done ? $check->lacks($done['figure'] ?? null) : null;
            $lacks === null || $this->refuse('figure', $lacks);
            $asked = [
                'title' => $check->title, 'things' => $check->things, 'figure' => $check->figure?->band(), 'line' => $line?->raw, 'work' => WorkKind::ofCheck($check),
            ];
            $this->recorder->record($job, $by, $seen, Sheet::Prove, $code, $asked, $done);
        });
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
