<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may decide in a workshop. */
enum Role: string
{
    case Owner = 'owner';
    case Installer = 'installer';
    case Apprentice = 'apprentice';

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
