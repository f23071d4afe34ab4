<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CannotReadTrack;
use App\Documents\GpxFile;
use App\Documents\UploadStash;
use App\Models\Longest;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Choosing\Ride\Profile;
use NeatSpindle\Core\Choosing\Ride\Track;

use function count;

/** A customer's road, as a GPX file; one with jumps in it is put aside while the person is asked what they are. */
class TrackRequest extends FormRequest
{
    private const LEAVE_OUT = 'leave-out';

    private const RIDE = 'ride';

    private ?GpxFile $gpx = null;

    private ?Profile $profile = null;

    private ?string $leftOut = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'track' => ['required_without:stashed', 'nullable', 'file', 'max:20480', 'extensions:gpx,xml'],
            'stashed' => ['nullable', 'string', 'max:26'],
            'named' => ['nullable', 'string', 'max:'.Longest::NAME],
            'jumps' => ['nullable', 'string', Rule::in([self::LEAVE_OUT, self::RIDE])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['track.*' => 'Choose a GPX file of at most 20 MiB.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $path = $this->source() ?? throw CannotReadTrack::becauseItIsNoRoad('The file is no longer here. Choose it once more.');
                $this->gpx = GpxFile::read($path);
                $this->lookAt($validator, $this->gpx->track(), $path);
            } catch (CannotReadTrack $e) {
                $validator->errors()->add('track', $e->getMessage());
            }
        }];
    }

    public function profile(): Profile
    {
        return $this->profile ?? abort(422);
    }

    /** @return list<string> */
    public function remarks(): array
    {
        return [...($this->gpx?->remarks() ?? []), ...($this->leftOut === null ? [] : [$this->leftOut])];
    }

    public function name(): string
    {
        $file = $this->file('track');
        $named = $file instanceof UploadedFile ? pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME) : $this->string('named')->value();

        return $this->gpx?->name() ?? (Longest::cut(mb_scrub($named), Longest::NAME) ?: 'A road');
    }

    /** @throws CannotReadTrack when it cannot be ridden */
    private function lookAt(Validator $validator, Track $track, string $path): void
    {
        [$jumps, $odd] = [$track->jumps(), $track->oddHeights()];
        if (($jumps !== [] || $odd !== []) && $this->string('jumps')->isEmpty()) {
            $validator->errors()->add(
                'jumps', trim(($jumps === [] ? '' : $this->question($jumps)).' '.($odd === [] ? '' : $this->questionOfHeights($odd))),
            );
            $this->session()->flash('stashed', $this->stash()->put((string) file_get_contents($path)));
            $this->session()->flash('named', $this->name());

            return;
        }
        if (($jumps !== [] || $odd !== []) && $this->string('jumps')->value() === self::LEAVE_OUT) {
            $track = $track->withoutOddHeights()->withoutJumps();
            $this->leftOut = implode(' ', array_filter([
                $jumps === [] ? '' : count($jumps).' '.str('jump')->plural(count($jumps)).' left out, the farthest '.$this->farthest($jumps).'.',
                $odd === [] ? '' : count($odd).' '.str('height')->plural(count($odd)).' left out.',
            ]));
        }
        $this->profile = Profile::of($track);
        $objection = $this->profile->objection();
        if ($objection !== null) {
            throw CannotReadTrack::becauseItIsNoRoad($objection);
        }
    }

    /** @param  non-empty-list<array{int, float}>  $jumps */
    private function question(array $jumps): string
    {
        $times = count($jumps) === 1 ? 'once' : count($jumps).' times';

        return "It jumps {$times}: after point {$jumps[0][0]} by {$this->km($jumps[0][1])}".(count($jumps) === 1 ? '' : ', and the farthest '.$this->farthest($jumps))
            .'. A receiver that lost its way, a stretch by train, or a route with few points?';
    }

    /** @param  non-empty-list<array{int, float}>  $odd */
    private function questionOfHeights(array $odd): string
    {
        $times = count($odd) === 1 ? 'One height' : count($odd).' heights';

        return "{$times} cannot be: point {$odd[0][0]} lies at ".(abs($odd[0][1]) < 1e6 ? number_format($odd[0][1]) : sprintf('%.0e', $odd[0][1])).' m. A receiver’s slip?';
    }

    /** @param  non-empty-list<array{int, float}>  $jumps */
    private function farthest(array $jumps): string
    {
        return $this->km(max(array_column($jumps, 1)));
    }

    private function km(float $metres): string
    {
        return number_format($metres / 1000, 1).' km';
    }

    private function source(): ?string
    {
        $file = $this->file('track');

        return $file instanceof UploadedFile ? (string) $file->getRealPath() : $this->stash()->path($this->string('stashed')->value());
    }

    private function stash(): UploadStash
    {
        $owner = $this->user();

        return new UploadStash($owner instanceof User ? $owner : abort(401), 'roads');
    }
}
