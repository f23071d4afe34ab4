<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The figures of a part while they are typed: what cannot be read yet is not drawn, and nobody is told so. */
class DrawPartRequest extends PartRequest
{
    public function after(): array
    {
        return [];
    }
}
