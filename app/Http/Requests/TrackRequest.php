<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CannotReadTrack;
use App\Documents\GpxFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** A customer's road, as a GPX file. */
class TrackRequest extends FormRequest
{
    private ?GpxFile $gpx = null;

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
        $name = $file instanceof UploadedFile ? pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME) : 'A road';

        return $this->gpx()->name() ?? mb_strimwidth($name, 0, 120, '…');
    }
}
