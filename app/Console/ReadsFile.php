<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that reads FILE, or standard input for "-", and fails with one clear line. */
trait ReadsFile
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::execute($input, $output);
        } catch (\Throwable $error) {
            report($error);

            return $this->failed(
                $error instanceof \PDOException
                    ? 'The kitchen’s database cannot be read, so nothing was answered. bin/start says which copy '
                        .'is the newest and how to take it back.'
                    : 'This could not be answered, and it is the product that is at fault; the log in storage/logs '
                        .'says what is wrong.',
            );
        }
    }

    /** The text, or null where there is none that can be read. */
    private function text(): ?string
    {
        /** @var string $file */
        $file = $this->argument('file');

        return $this->textOf($file);
    }

    private function textOf(string $file): ?string
    {
        $text
            = $file === '-'
                ? stream_get_contents(STDIN)
                : (is_file($file) && is_readable($file)
                    ? file_get_contents($file)
                    : false);

        return $text === false ? null : $text;
    }

    private function noFile(): int
    {
        /** @var string $file */
        $file = $this->argument('file');

        return $this->failed("There is no file {$file} that can be read.");
    }

    private function failed(string $why): int
    {
        fwrite(STDERR, str_replace("\n", ' ', $why)."\n");

        return self::FAILURE;
    }

    /**
     * @param array<string, mixed> $document
     */
    private function print(array $document): int
    {
        $this->output->writeln(
            json_encode(
                $document,
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ),
        );

        return self::SUCCESS;
    }
}
