<?php

declare(strict_types=1);

namespace App\View\Build;

use App\Assembly\ReceivedBox;
use App\Models\BoxRecord;
use App\Models\Stage;
use App\View\Job\JobPage;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Drawer\Spacers;

use function count;

/** What the maker says is in the motor's box, what came, what the stack takes of it and what is left over. */
class BoxPage extends JobPage
{
    private ?ReceivedBox $box = null;

    /** @var array<int, int>|null */
    private ?array $used = null;

    public function stage(): Stage
    {
        return Stage::Stack;
    }

    /** @return list<Piece> */
    public function contents(): array
    {
        return $this->box()->contents;
    }

    public function record(int $position): ?BoxRecord
    {
        return $this->box()->record($position);
    }

    /** How many of a spacer the stack takes; null for what is none, or is not there. */
    public function taken(int $position): ?int
    {
        $stack = array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $this->opened->worksheet()->stack->spacers ?? []);
        $this->used ??= $this->box()->packed()->used($stack);

        return $this->contents()[$position]->hundredths === null ? null : $this->used[$position] ?? null;
    }

    public function looked(): int
    {
        return count(array_filter(array_keys($this->contents()), fn (int $position) => $this->record($position) !== null));
    }

    private function box(): ReceivedBox
    {
        $this->job->boxRecords->loadMissing('user');

        return $this->box ??= ReceivedBox::of($this->job, $this->opened->motor());
    }
}
