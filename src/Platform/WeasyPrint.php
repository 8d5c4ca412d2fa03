<?php

declare(strict_types=1);

namespace App\Platform;

final readonly class WeasyPrint implements PdfTool
{
    public function __construct(private Tool $tool)
    {
    }

    public function make(string $html, string $folder, string $target): void
    {
        $page = $folder.'/report.html';
        file_put_contents($page, $html);
        $this->tool->run(['weasyprint', '--encoding', 'utf-8', '--base-url', $folder.'/', $page, $target], seconds: 240);
    }
}
