<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Books\BookFiles;
use App\Books\TextFault;
use Symfony\Component\Yaml\Yaml;

/** A policy as text: what is wrong with it, and what it holds. */
final readonly class PolicyText
{
    public function __construct(private string $schemas)
    {
    }

    /** @return list<TextFault> */
    public function problems(string $text): array
    {
        return (new BookFiles($this->schemas))->problemsIn(self::plain($text));
    }

    /** @return array<mixed> */
    public function content(string $text): array
    {
        return (array) Yaml::parse(self::plain($text));
    }

    /** With its days in quotation marks, or YAML would read them as points in time. */
    private static function plain(string $text): string
    {
        return (string) preg_replace('/(:[ \t]+)(\d{4}-\d{2}-\d{2})(?=[ \t]*(?:[,}#]|$))/m', '$1"$2"', str_replace("\r\n", "\n", $text));
    }
}
