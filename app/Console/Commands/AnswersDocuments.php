<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GentlePour\Documents\Fields;
use GentlePour\InvalidValue;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that answers one JSON document with another: on standard output and nothing else, 2 on bad input, 1 on anything
 * else.
 */
trait AnswersDocuments
{
    private const MOST_BYTES = 2_000_000;

    /** Options and arguments that the command does not have are bad input like any other. */
    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ExceptionInterface $e) {
            $option = preg_match('/"-{1,2}([^"]+)" option does not exist/', $e->getMessage(), $m) === 1 ? $m[1] : null;
            $this->write(['error' => [
                'field' => $option ?? '', 'message' => ($option === null ? $e->getMessage() : "There is no option {$option}.")
                    ." See php artisan {$this->getName()} --help.",
            ]]);

            return self::INVALID;
        }
    }

    /**
     * @param  string  $file  its path, or - for standard input
     * @param  callable(Fields): array<string, mixed>  $answer
     */
    private function answerFile(string $file, callable $answer): int
    {
        return $this->answering(fn (): array => $answer(Fields::ofJson(self::document($file))));
    }

    /** @param  callable(): array<string, mixed>  $answer */
    private function answering(callable $answer): int
    {
        try {
            $this->write($answer());

            return self::SUCCESS;
        } catch (InvalidValue $e) {
            $this->write(['error' => ['field' => $e->field(), 'message' => $e->getMessage()]]);

            return self::INVALID;
        } catch (\Throwable $e) {
            $output = $this->output->getOutput();
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln('Failed: '.$e->getMessage());

            return self::FAILURE;
        }
    }

    private static function document(string $file): string
    {
        if ($file !== '-' && (! is_file($file) || ! is_readable($file))) {
            throw (new InvalidValue('There is no file '.InvalidValue::quoted($file).' to read; use - for standard input.'))->at('file');
        }
        $json = file_get_contents($file === '-' ? 'php://stdin' : $file, false, null, 0, self::MOST_BYTES + 1);
        if ($json === false || strlen($json) > self::MOST_BYTES) {
            throw (new InvalidValue('The document is longer than two megabytes.'))->at('file');
        }

        return $json;
    }

    /** @param  array<string, mixed>  $document */
    private function write(array $document): void
    {
        $this->output->writeln(
            json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR),
            $this->output::OUTPUT_RAW,
        );
    }
}
