<?php

declare(strict_types=1);

namespace Tests\Support;

/** Somebody's hand on a page: what is typed, chosen and pressed goes through it, and is counted. */
class Hand
{
    /** What was written into a field. */
    public int $entries = 0;

    /** Buttons, links, boxes and choices. */
    public int $presses = 0;

    public function __construct(public readonly Pages $site) {}

    public function type(string $id, string $text): static
    {
        $this->entries++;
        $this->fill($id, $text);

        return $this;
    }

    public function choose(string $id, string $value): static
    {
        if ($this->site->value($id) !== $value) {
            $this->presses++;
            $this->pick($id, $value);
        }

        return $this;
    }

    /** Something that stays on its page: a box, a summary. */
    public function tick(string $selector): static
    {
        $this->presses++;
        $this->touch($selector);

        return $this;
    }

    /** Something that leaves its page. */
    public function click(string $selector): static
    {
        $this->presses++;
        $this->send($selector);

        return $this;
    }

    public function press(string $words): static
    {
        $this->presses++;
        $this->site->press($words);

        return $this;
    }

    protected function fill(string $id, string $text): void
    {
        $this->site->type($id, $text);
    }

    protected function pick(string $id, string $value): void
    {
        $this->site->choose($id, $value);
    }

    protected function touch(string $selector): void
    {
        $this->site->tick($selector);
    }

    protected function send(string $selector): void
    {
        $this->site->click($selector);
    }
}
