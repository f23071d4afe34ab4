<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Drawer\GivePiecesBack;
use App\Actions\Drawer\ReservePieces;
use App\Actions\Drawer\TakePieces;
use Illuminate\Validation\Rule;

/** What is to become of the pieces of a job's stack. */
class PiecesRequest extends VersionedRequest
{
    private const ACTIONS = ['reserve' => ReservePieces::class, 'take' => TakePieces::class, 'give_back' => GivePiecesBack::class];

    public function rules(): array
    {
        return parent::rules() + ['does' => ['required', 'string', Rule::in(array_keys(self::ACTIONS))]];
    }

    public function action(): ReservePieces|TakePieces|GivePiecesBack
    {
        return app(self::ACTIONS[$this->string('does')->value()] ?? abort(422));
    }
}
