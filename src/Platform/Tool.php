<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Runs a program of the machine (libvips, Graphviz, WeasyPrint) with a time limit and without a shell. */
final readonly class Tool
{
    /**
     * @param list<string> $command
     *
     * @return string its standard output
     *
     * @throws ToolFailed if it does not end well in time
     */
    public function run(array $command, ?string $input = null, int $seconds = 60): string
    {
        $process = new Process($command, timeout: $seconds, env: ['VIPS_CONCURRENCY' => '2', 'LC_ALL' => 'C.UTF-8']);
        $process->setInput($input);
        try {
            $process->run();
        } catch (ProcessTimedOutException $late) {
            throw new ToolFailed($command[0].' took longer than '.$seconds.' s.', 0, $late);
        }
        if (!$process->isSuccessful()) {
            throw new ToolFailed(trim($process->getErrorOutput()) ?: $command[0].' failed.');
        }

        return $process->getOutput();
    }
}
