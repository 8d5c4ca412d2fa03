<?php

declare(strict_types=1);

namespace App\Verdict;

/** The words of a report, as HTML; its pictures stand in it by the key of their photo. */
final readonly class ReportWords
{
    public function __construct(public string $body, public string $plates)
    {
    }

    /** SHA-256 of them. */
    public function hash(): string
    {
        return hash('sha256', $this->body."\n".$this->plates);
    }

    /** @param \Closure(string): string $of what is left of the HTML */
    public function copy(\Closure $of): self
    {
        return new self($of($this->body), $of($this->plates));
    }
}
