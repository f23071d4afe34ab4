<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\CannotReadArchive;
use App\Documents\UploadStash;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** An archive as a file, to be looked at; then the one that was put aside. */
class ReadArchiveRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'archive' => ['required_without:stashed', 'nullable', 'file', 'max:24576', 'extensions:zip'], 'stashed' => ['nullable',
                'string', 'size:26'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $large = 'It is larger than 24 MiB, or did not arrive whole. A large one is read in on the machine itself: php artisan spindle:archive-in FILE.';

        return [
            'archive.required_without' => 'Choose an archive first.', 'archive.uploaded' => $large, 'archive.max' => $large,
            'archive.extensions' => 'Expected the .zip file of a workshop.', 'stashed.*' => 'Choose the archive once more.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $stashed = $this->filled('stashed');
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if ($stashed && $this->stashedPath() === null) {
                $validator->errors()->add('archive', 'The archive is no longer here. Choose it once more.');

                return;
            }
            try {
                ArchiveFile::open($stashed ? (string) $this->stashedPath() : $this->archive()->getPathname());
            } catch (CannotReadArchive $e) {
                $validator->errors()->add('archive', $e->getMessage());
            }
        }];
    }

    public function archive(): UploadedFile
    {
        $file = $this->file('archive');

        return $file instanceof UploadedFile ? $file : abort(422);
    }

    public function stashedPath(): ?string
    {
        $user = $this->user();

        return $user instanceof User ? (new UploadStash($user, 'archives'))->path($this->string('stashed')->value()) : null;
    }
}
