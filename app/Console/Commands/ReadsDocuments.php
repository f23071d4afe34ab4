<?php

declare(strict_types=1);

namespace App\Console\Commands;

use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use Symfony\Component\Console\Output\OutputInterface;

use function array_map;
use function count;
use function file_get_contents;
use function is_file;
use function is_readable;
use function json_encode;
use function realpath;

/** A command that answers each of some documents with one line of JSON, or with all that is wrong with it. */
abstract class ReadsDocuments extends SaysInALine
{
    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument with every fault at once
     */
    abstract protected function answer(string $json): array;

    public function handle(): int
    {
        $status = self::SUCCESS;
        foreach ((array) $this->argument('file') as $file) {
            try {
                $this->print($this->answer($this->read((string) $file)));
            } catch (InvalidDocument $invalid) {
                $this->print(['file' => $file, 'errors' => array_map(
                    fn (Fault $fault) => ['path' => $fault->path, 'message' => $fault->message],
                    $invalid->faults,
                )] + ($invalid->inAll > count($invalid->faults) ? ['faults_in_all' => $invalid->inAll] : []));
                $status = self::INVALID;
            }
        }

        return $status;
    }

    private function read(string $file): string
    {
        // Where it really lies: what only looks like a path may be an address.
        $path = realpath($file);
        $json = $path !== false && is_file($path) && is_readable($path)
            ? file_get_contents($path, length: JsonText::MAX_BYTES + 1)
            : false;

        return $json !== false ? $json : throw InvalidDocument::becauseItIsUnreadable('The file cannot be read.');
    }

    /** @param  array<string, mixed>  $data */
    private function print(array $data): void
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE;
        $this->output->writeln(
            json_encode($data, $flags | ($this->option('pretty') ? JSON_PRETTY_PRINT : 0)),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
