<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\Refuses;
use App\Actions\StandsOtherwise;
use App\Bench\OpenJob;
use App\Models\Setting;
use App\Models\User;
use Illuminate\Support\Facades\Gate;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function array_filter;
use function array_map;
use function array_values;

/**
 * Writes down what was set in the display, inside another change; what stood there before stays in the log. A limit taken
 * away, or set so high that it is none, is a decision; one that is lifted is for those who can judge it.
 */
class SettingWriter
{
    use Refuses;

    private const WHY = 'A limit taken away, or as good as that, is a decision: say why. It stays on the hand-over sheet.';

    private const LAW = 'Beside it stands the law’s own sentence for such a bike, word for word, and where it was read.';

    private const LIFTED = 'That lifts a limit: an installer or an owner writes it down.';

    /**
     * @param  string  $field  where a fault of the value is told
     * @param  ?int  $seen  the setting the person saw standing there, 0 where none did; null where nothing is said of it
     */
    public function write(
        OpenJob $open, User $by, SettingName $name, string $typed, string $field, ?int $seen, ?string $reason = null, ?string $law = null,
    ): void {
        $value = $name->read($typed);
        $fault = $name->fault($value) ?? $name->faultOfWheel((string) $value, self::wheels($open));
        $fault === null || $this->refuse($field, $fault);
        $stands = Setting::query()->with('user')->where('job_id', $open->job->id)->where('name', $name)
            ->whereNull('superseded_at')->latest('id')->first();
        $this->expectSeen($stands, $seen, $field);
        if ($name->isLifted($stands?->value, (string) $value) && Gate::forUser($by)->denies('choose', $open->job)) {
            $this->refuse($field, self::LIFTED);
        }
        if ($name->isNoLimit((string) $value)) {
            $reason === null && $this->refuse('reason', self::WHY);
            $law === null && $this->refuse('law', self::LAW);
        }
        $stands?->update(['superseded_at' => now()]);
        Setting::query()->create([
            'job_id' => $open->job->id, 'user_id' => $by->id, 'name' => $name, 'value' => $value,
            'reason' => $reason, 'law' => $law, 'set_at' => now(),
        ]);
    }

    private function expectSeen(?Setting $stands, ?int $seen, string $field): void
    {
        if ($seen !== null && ($stands->id ?? 0) !== $seen) {
            throw StandsOtherwise::told($stands === null ? 'What you saw is not set any more'
                : "{$stands->user->firstName()} set it to {$stands->name->says($stands->value)}", $field);
        }
    }

    /** @return list<float> circumferences that were measured, in mm */
    private static function wheels(OpenJob $open): array
    {
        return array_values(array_filter(array_map($open->findings->mm(...), [Spot::Wheel, Spot::FrontWheel])));
    }
}
