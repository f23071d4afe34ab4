<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\CatalogueDocument;
use App\Documents\UploadStash;
use App\Models\Longest;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;

use function array_slice;
use function count;

/** A catalogue as a file; one with codes that look alike is put aside while the person is asked whether they are different parts. */
class ImportCatalogueRequest extends FormRequest
{
    private const FAULTS_SHOWN = 12;

    private const TWINS_SHOWN = 6;

    private ?CatalogueDocument $document = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'file' => ['required_without:stashed', 'nullable', 'file', 'max:4096', 'extensions:json', 'mimetypes:application/json,text/plain'],
            'stashed' => ['nullable', 'string', 'max:26'],
            'seen' => ['nullable', 'string', 'max:'.Longest::FIGURE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required_without' => 'Choose a catalogue file first.',
            'file.uploaded' => 'The file did not arrive whole: it may be larger than 4 MiB, which a catalogue never is.',
            'file.max' => 'The file is larger than 4 MiB; a catalogue never is.',
            'file.extensions' => 'Expected a .json file in the shape of our catalogue.',
            'file.mimetypes' => 'Expected JSON text; this file holds something else.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $text = $validator->errors()->isEmpty() ? $this->text() : null;
            if ($text === null) {
                $validator->errors()->isNotEmpty() || $validator->errors()->add('file', 'The file is no longer here. Choose it once more.');

                return;
            }
            try {
                $this->document = CatalogueDocument::read($text);
                $this->askAboutTwins($validator, $this->document, $text);
            } catch (InvalidDocument $invalid) {
                $this->tell($validator, $invalid);
            }
        }];
    }

    /** The version of the catalogue that stood on the page; null where nothing is said of it. */
    public function seen(): ?string
    {
        return $this->has('seen') ? $this->string('seen')->value() : null;
    }

    public function document(): CatalogueDocument
    {
        return $this->document ?? abort(422);
    }

    private function askAboutTwins(Validator $validator, CatalogueDocument $document, string $text): void
    {
        $twins = $this->filled('stashed') ? [] : $document->nearTwins($this->known());
        if ($twins === []) {
            return;
        }
        $pairs = array_map(fn (array $pair) => "“{$pair[0]}” and “{$pair[1]}”", array_slice($twins, 0, self::TWINS_SHOWN));
        $more = count($twins) > self::TWINS_SHOWN ? ', and '.(count($twins) - self::TWINS_SHOWN).' more' : '';
        $validator->errors()->add('twins', 'These codes look alike: '.implode(', ', $pairs).$more.'. Are they different parts, or is one of them a slip?');
        $this->session()->flash('stashed', $this->stash()->put($text));
    }

    private function tell(Validator $validator, InvalidDocument $invalid): void
    {
        foreach (array_slice($invalid->faults, 0, self::FAULTS_SHOWN) as $fault) {
            $validator->errors()->add('file', $this->words($fault));
        }
        if ($invalid->inAll > self::FAULTS_SHOWN) {
            $validator->errors()->add('file', 'And '.number_format($invalid->inAll - self::FAULTS_SHOWN).' more faults.');
        }
    }

    private function words(Fault $fault): string
    {
        return ($fault->path === '' ? '' : mb_strimwidth($fault->path, 0, 120, '…').': ').$fault->message;
    }

    /** @return array<string, list<string>> */
    private function known(): array
    {
        $workshop = Workshop::query()->with(array_map(fn (string $kind) => "{$kind}:id,workshop_id,code", Workshop::CATALOGUE))->findOrFail($this->owner()->workshop_id);

        return array_combine(Workshop::CATALOGUE, array_map(fn (string $kind) => array_values($workshop->getRelation($kind)->pluck('code')->all()), Workshop::CATALOGUE));
    }

    private function text(): ?string
    {
        $file = $this->file('file');
        $path = $this->stash()->path($this->string('stashed')->value());

        return match (true) {
            $file instanceof UploadedFile => $file->getContent(),
            $path !== null => (string) file_get_contents($path),
            default => null,
        };
    }

    private function stash(): UploadStash
    {
        return new UploadStash($this->owner(), 'catalogues');
    }

    private function owner(): User
    {
        $owner = $this->user();

        return $owner instanceof User ? $owner : abort(401);
    }
}
