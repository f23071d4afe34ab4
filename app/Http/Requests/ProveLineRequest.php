<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Instruments\Display;
use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use NeatSpindle\Core\Whole\Prove\DisplayLine;

/** A check made by what the motor says on its display's line just now. */
class ProveLineRequest extends FormRequest
{
    use AsksInstruments;

    private ?DisplayLine $line = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['step' => ['required', 'string', 'max:'.Longest::STEP], 'seen' => ['nullable', 'integer', 'min:0']];
    }

    public function step(): string
    {
        return $this->string('step')->value();
    }

    public function seen(): int
    {
        return $this->integer('seen');
    }

    public function line(): ?DisplayLine
    {
        return $this->line;
    }

    protected function prepareForValidation(): void
    {
        $this->line = $this->askInstrument('line', fn (): DisplayLine => app(Display::class)->read());
    }
}
