<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** For a part with a code and a name that may be empty. */
trait Called
{
    /** As people call it: its name, or the code it stands under where nobody has named it. */
    public function label(): string
    {
        return $this->name === '' ? $this->code : $this->name;
    }
}
