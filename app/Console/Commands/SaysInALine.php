<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;

use function get_debug_type;
use function report;

/** A command that says in a line what went wrong, and leaves the trace to the log. */
abstract class SaysInALine extends Command
{
    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ValidationException $refused) {
            return $this->say($output, implode("\n", $refused->validator->errors()->all()));
        } catch (UniqueConstraintViolationException) {
            return $this->say($output, 'That is there already. Nothing was kept.');
        } catch (PDOException $fault) {
            report($fault);

            return $this->say(
                $output, 'The database does not answer, or did not take it. Nothing was kept; what it said is in storage/logs.',
            );
        } catch (\Symfony\Component\Console\Exception\ExceptionInterface $misused) {
            throw $misused;
        } catch (Throwable $fault) {
            report($fault);

            return $this->say(
                $output, 'It did not go through ('.get_debug_type($fault).'). Nothing was kept; what went wrong is in storage/logs.',
            );
        }
    }

    private function say(OutputInterface $output, string $words): int
    {
        $output->writeln($words, OutputInterface::OUTPUT_PLAIN);

        return self::FAILURE;
    }
}
