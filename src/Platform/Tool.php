<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Runs a program of the machine (libvips, Graphviz, WeasyPrint) without a shell or a network, within limits of time, memory and files. */
final readonly class Tool
{
    /** @param string $limits what is run before it, such as `prlimit --cpu=120`; empty: nothing */
    public function __construct(#[Autowire('%app.tool_limits%')] private string $limits = '')
    {
    }

    /**
     * @param list<string> $command
     *
     * @return string its standard output
     *
     * @throws ToolFailed if it does not end well in time
     */
    public function run(array $command, ?string $input = null, int $seconds = 60): string
    {
        $limits = '' === $this->limits ? [] : explode(' ', $this->limits);
        $process = new Process([...$limits, ...$command], timeout: $seconds, env: ['VIPS_CONCURRENCY' => '2', 'LC_ALL' => 'C.UTF-8']);
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
