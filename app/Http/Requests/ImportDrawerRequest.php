<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\DrawerTable;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

use function array_slice;

/** A drawer read in from a table of comma-separated values. */
class ImportDrawerRequest extends FormRequest
{
    private const MOST_FAULTS = 12;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'seen' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'table' => ['required', 'file', 'max:512', 'extensions:csv,txt', 'mimetypes:text/plain,text/csv,application/csv,text/x-csv'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['table.*' => 'Choose a table saved as CSV, of at most 512 KiB.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $faults = mb_check_encoding($this->text(), 'UTF-8') ? $this->table()->faults() : ['Save the table as UTF-8 text.'];
            foreach (array_slice($faults, 0, self::MOST_FAULTS) as $fault) {
                $validator->errors()->add('table', $fault);
            }
        }];
    }

    /** The mark of the drawer that stood on the page; null where nothing is said of it. */
    public function seen(): ?string
    {
        return $this->has('seen') ? $this->string('seen')->value() : null;
    }

    public function table(): DrawerTable
    {
        return DrawerTable::read($this->text());
    }

    private function text(): string
    {
        $file = $this->file('table');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
