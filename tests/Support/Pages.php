<?php

declare(strict_types=1);

namespace Tests\Support;

/** Pages of the application in front of somebody: in a browser (`Site`), or read and sent as forms (`Paper`). */
interface Pages
{
    /** What can be pressed by its words: the sheet's own first, then what stands around it. */
    public const BY_WORDS = '//main//button[contains(normalize-space(), %1$s)] | //main//a[contains(normalize-space(), %1$s)] | '
        .'//nav//a[contains(normalize-space(), %1$s)] | //button[normalize-space()=%1$s] | //a[normalize-space()=%1$s]';

    public function visit(string $path): static;

    public function signIn(string $email, string $password): static;

    /** Puts a text into a field in place of what stands there. */
    public function type(string $id, string $text): static;

    /** Chooses one of a list, or of things of which one is chosen. */
    public function choose(string $id, string $value): static;

    /** Presses the button or link with these words, which leaves its page. */
    public function press(string $words): static;

    /** Presses what the selector names, which leaves its page. */
    public function click(string $selector): static;

    /** Presses something that stays on its page: a box to tick, a summary to open. */
    public function tick(string $selector): static;

    /** The words that can be read there. */
    public function text(string $selector = 'main'): string;

    /**
     * What stands in a field, or is chosen in it.
     *
     * @phpstan-impure what stands in a field changes as it is typed in
     */
    public function value(string $id): string;

    /**
     * @phpstan-impure the page may have changed since it was last asked
     *
     * @return list<string> those of them that are there
     */
    public function whichOf(string ...$selectors): array;

    /** @phpstan-impure the page may have changed since it was last asked */
    public function has(string $selector): bool;

    /**
     * @phpstan-impure the page may have changed since it was last asked
     *
     * @return list<string> what the attribute says, of each that is there and has it
     */
    public function attributes(string $selector, string $attribute): array;

    /** @phpstan-impure the page may have changed since it was last asked */
    public function address(): string;

    /**
     * Sends something past the page, as a script would that has its cookie and its token.
     *
     * @param  array<string, string>  $fields
     * @return array{status: int, errors: array<string, list<string>>} what is answered, as JSON has it
     */
    public function send(string $path, array $fields): array;
}
