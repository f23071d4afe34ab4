<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** What something is judged by, several things at once; the smaller the better, each. */
final readonly class Criteria
{
    /** @param  list<float|int>  $figures */
    public function __construct(public array $figures) {}

    /** Whether these are no worse in anything than those, and better in something. */
    public function beat(self $those): bool
    {
        $isBetter = false;
        foreach ($this->figures as $i => $mine) {
            $theirs = $those->figures[$i];
            if (Tolerance::above($mine, $theirs)) {
                return false;
            }
            $isBetter = $isBetter || Tolerance::below($mine, $theirs);
        }

        return $isBetter;
    }
}
