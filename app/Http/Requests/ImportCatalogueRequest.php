<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CatalogueDocument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Document\Fault;
use NeatSpindle\Core\Document\InvalidDocument;

use function array_slice;

class ImportCatalogueRequest extends FormRequest
{
    private const FAULTS_SHOWN = 12;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:4096', 'extensions:json', 'mimetypes:application/json,text/plain']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a catalogue file first.',
            'file.max' => 'The file is larger than 4 MiB; a catalogue never is.',
            'file.extensions' => 'Expected a .json file in the shape of our catalogue.',
            'file.mimetypes' => 'Expected JSON text; this file holds something else.',
        ];
    }

    /** @throws ValidationException with every fault at its pointer */
    public function document(): CatalogueDocument
    {
        $file = $this->file('file');
        try {
            return CatalogueDocument::read($file instanceof UploadedFile ? $file->getContent() : '');
        } catch (InvalidDocument $invalid) {
            throw ValidationException::withMessages(['file' => array_map(
                fn (Fault $fault) => ($fault->path === '' ? '' : "{$fault->path}: ").$fault->message,
                array_slice($invalid->faults, 0, self::FAULTS_SHOWN),
            )]);
        }
    }
}
