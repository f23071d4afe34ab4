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

    public function authorize(): bool
    {
        return $this->user()?->can('importCatalogue', $this->user()->workshop) ?? false;
    }

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

    /**
     * @return string what was read, in words
     *
     * @throws ValidationException with every fault at its pointer
     */
    public function import(): string
    {
        $file = $this->file('file');
        $json = $file instanceof UploadedFile ? $file->getContent() : '';
        try {
            $read = CatalogueDocument::import($this->user()->workshop ?? abort(401), $json);
        } catch (InvalidDocument $invalid) {
            throw ValidationException::withMessages(['file' => array_map(
                fn (Fault $fault) => ($fault->path === '' ? '' : "{$fault->path}: ").$fault->message,
                array_slice($invalid->faults, 0, self::FAULTS_SHOWN),
            )]);
        }

        return "{$read['motors']} motors, {$read['rings']} rings, {$read['spacers']} spacer rows, {$read['inserts']} inserts, {$read['spiders']} spiders";
    }
}
