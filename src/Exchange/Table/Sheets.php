<?php

declare(strict_types=1);

namespace App\Exchange\Table;

use App\Platform\ShopError;
use App\Platform\Tool;
use App\Platform\ToolFailed;
use App\Platform\WorkFolder;
use Symfony\Component\Process\ExecutableFinder;

/** The text of a table that was sent: CSV as it is, the first sheet of a spreadsheet by a program of the machine. */
final readonly class Sheets
{
    private const READER = 'ssconvert';

    public function __construct(private Tool $tool)
    {
    }

    public function readsSheets(): bool
    {
        return null !== (new ExecutableFinder())->find(self::READER);
    }

    /** @throws ShopError if it is a spreadsheet that cannot be read here */
    public function text(string $file): string
    {
        $bytes = (string) file_get_contents($file);
        // XLSX and ODS are ZIPs, the XLS of old is a compound file.
        if (!str_starts_with($bytes, "PK\x03\x04") && !str_starts_with($bytes, "\xD0\xCF\x11\xE0")) {
            return $bytes;
        }
        if (!$this->readsSheets()) {
            throw new ShopError('This machine reads no spreadsheets. Save the sheet as CSV, and send that.', 422);
        }

        return WorkFolder::during(function (string $folder) use ($file): string {
            try {
                $this->tool->run([self::READER, '--export-type=Gnumeric_stf:stf_csv', $file, $folder.'/sheet.csv']);
            } catch (ToolFailed $error) {
                throw new ShopError('This spreadsheet cannot be read. Save the sheet as CSV, and send that.', 422, $error);
            }

            return (string) file_get_contents($folder.'/sheet.csv');
        });
    }
}
