<?php

declare(strict_types=1);

namespace App\Platform;

/** Makes a PDF of a page. */
interface PdfTool
{
    /**
     * @param string $html a whole page; what it refers to lies below `$folder`
     * @param string $target where the PDF is written
     *
     * @throws ToolFailed
     */
    public function make(string $html, string $folder, string $target): void;
}
