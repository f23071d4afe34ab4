<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CannotReadPicture;
use App\Documents\Photograph;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** For a request that may bring a picture: it is drawn anew as it is read, and what cannot be is said at its field. */
trait ReadsPictures
{
    /** What is asked of one, in kibibytes. */
    private const PICTURE = ['file', 'max:20480'];

    private const PICTURE_SAYS = [
        'picture.uploaded' => 'The picture did not arrive whole: it may be larger than 20 MiB.',
        'picture.max' => 'The picture is larger than 20 MiB. Take it at a lower resolution.',
        'picture.file' => 'Take a picture or choose one first.',
    ];

    private ?Photograph $photograph = null;

    private function readPicture(Validator $validator): void
    {
        $file = $this->file('picture');
        if (! $file instanceof UploadedFile || $validator->errors()->isNotEmpty()) {
            return;
        }
        try {
            $this->photograph = Photograph::read($file->getPathname());
        } catch (CannotReadPicture $e) {
            $validator->errors()->add('picture', $e->getMessage());
        }
    }
}
