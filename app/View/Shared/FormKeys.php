<?php

declare(strict_types=1);

namespace App\View\Shared;

use Illuminate\Support\Str;

/** Gives each form of a page a key of its own. */
class FormKeys
{
    private readonly string $page;

    private int $forms = 0;

    public function __construct()
    {
        $this->page = Str::lower(Str::random(20));
    }

    public function next(): string
    {
        return $this->page.sprintf('%06d', ++$this->forms);
    }
}
