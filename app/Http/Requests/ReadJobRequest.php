<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\OpenJob;
use App\Documents\JobReadIn;
use App\Documents\UploadStash;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;

use function array_slice;
use function file_get_contents;

/** A job’s document to be held against the job; then the one that was put aside. */
class ReadJobRequest extends VersionedRequest
{
    private const SHOWN = 12;

    public function rules(): array
    {
        return parent::rules() + [
            'document' => ['required_without:stashed', 'nullable', 'file', 'max:4096', 'extensions:json'], 'stashed' => ['nullable',
                'string', 'size:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'document.required_without' => 'Choose a job’s document first.',
            'document.uploaded' => 'The file did not arrive whole: it may be larger than 4 MiB.',
            'document.max' => 'The file is larger than 4 MiB; a job’s document never is.',
            'document.extensions' => 'Expected the .json file of a job.',
            'stashed.*' => 'Choose the document once more.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $job = $this->route('job');
            $json = $this->text();
            if ($json === null || ! $job instanceof Job) {
                $validator->errors()->add('document', 'The document is no longer here. Choose it once more.');

                return;
            }
            try {
                JobReadIn::of(OpenJob::of(Job::opened($job->id)), $json);
            } catch (InvalidDocument $e) {
                foreach (array_slice($e->faults, 0, self::SHOWN) as $fault) {
                    $validator->errors()->add('document', self::words($fault));
                }
            }
        }];
    }

    public function document(): UploadedFile
    {
        $file = $this->file('document');

        return $file instanceof UploadedFile ? $file : abort(422);
    }

    /** Null where it is not here any more. */
    public function text(): ?string
    {
        $user = $this->user();
        if (! $this->filled('stashed')) {
            return $this->document()->getContent();
        }
        $path = $user instanceof User ? (new UploadStash($user, 'jobs'))->path($this->string('stashed')->value()) : null;

        return $path === null ? null : (string) file_get_contents($path);
    }

    private static function words(Fault $fault): string
    {
        return trim("{$fault->path} {$fault->message}");
    }
}
