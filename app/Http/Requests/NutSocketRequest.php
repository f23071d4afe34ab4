<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** The socket for a sleeve's nut, as it is measured; both fields empty where there is none. */
class NutSocketRequest extends FormRequest
{
    use ReadsQuantities;

    private const MOST_MM = 400.0;

    private ?NutSocket $socket = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'seen' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'socket_bore' => ['nullable', 'required_with:socket_depth', 'string', 'max:'.Longest::FIGURE],
            'socket_depth' => ['nullable', 'required_with:socket_bore', 'string', 'max:'.Longest::FIGURE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['socket_*.required_with' => 'Both are needed: how wide it is bored, and how deep.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || ! $this->filled('socket_bore')) {
                return;
            }
            $bore = $this->length($validator, 'socket_bore');
            $depth = $this->length($validator, 'socket_depth');
            $this->socket = $bore === null || $depth === null ? null : new NutSocket($bore, $depth);
        }];
    }

    /** The mark of the socket that stood on the page; null where nothing is said of it. */
    public function seen(): ?string
    {
        return $this->has('seen') ? $this->string('seen')->value() : null;
    }

    public function socket(): ?NutSocket
    {
        return $this->socket;
    }

    private function length(Validator $validator, string $field): ?float
    {
        $mm = $this->quantity($validator, $field, $this->lengths()->mm(...));
        if ($mm !== null && ($mm <= 0 || $mm > self::MOST_MM)) {
            $validator->errors()->add($field, 'No socket is like that: expected more than 0, at most 400 mm.');
        }

        return $mm;
    }
}
