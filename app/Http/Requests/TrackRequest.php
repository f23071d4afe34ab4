<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CannotReadTrack;
use App\Documents\GpxFile;
use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** A customer's road, as a GPX file. */
class TrackRequest extends FormRequest
{
    private ?GpxFile $gpx = null;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->job()) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['track' => ['required', 'file', 'max:20480', 'extensions:gpx,xml']];
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
            $file = $this->file('track');
            if ($validator->errors()->isNotEmpty() || ! $file instanceof UploadedFile) {
                return;
            }
            try {
                $this->gpx = GpxFile::read((string) $file->getRealPath());
            } catch (CannotReadTrack $e) {
                $validator->errors()->add('track', $e->getMessage());
            }
        }];
    }

    public function gpx(): GpxFile
    {
        return $this->gpx ?? abort(422);
    }

    public function name(): string
    {
        $file = $this->file('track');

        return $this->gpx()->name() ?? ($file instanceof UploadedFile ? mb_strimwidth(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 0, 120, '…') : 'A road');
    }

    public function job(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }
}
