<?php

declare(strict_types=1);

namespace App\Exchange\Bag;

use Japhrex\Core\Exchange\Bag;

use function Symfony\Component\Clock\now;

/** Bags as folders of one ZIP. The same files make the same ZIP but for the day it was packed: nothing in it is of the moment. */
final readonly class BagZip
{
    /** The first day that a ZIP can name. */
    private const ALWAYS = '1980-01-01 12:00:00';

    private \ZipArchive $zip;

    /** @param string $target where it is written */
    public function __construct(string $target)
    {
        $this->zip = new \ZipArchive();
        if (true !== $this->zip->open($target, \ZipArchive::CREATE | \ZipArchive::EXCL)) {
            throw new \RuntimeException('The bundle could not be begun; there may be no room on the server.');
        }
    }

    /**
     * @param array<string, string> $files by path below data/; they must lie there until the ZIP is closed
     * @param array<string, string> $info elements of bag-info.txt
     */
    public function add(string $name, array $files, array $info): void
    {
        $digests = [];
        $bytes = 0;
        ksort($files);
        foreach ($files as $path => $file) {
            $digests['data/'.$path] = (string) hash_file('sha256', $file);
            $bytes += (int) filesize($file);
        }
        foreach (Bag::tags($digests, $bytes, $info + ['Bagging-Date' => now()->format('Y-m-d')]) as $tag => $text) {
            $this->zip->addFromString("$name/$tag", $text);
            $this->settle("$name/$tag", \ZipArchive::CM_DEFLATE);
        }
        foreach ($files as $path => $file) {
            $this->zip->addFile($file, "$name/data/$path");
            // Pictures, films and PDF are packed already.
            $isText = \in_array(pathinfo($path, \PATHINFO_EXTENSION), ['json', 'jsonld', 'csv', 'graphml'], true);
            $this->settle("$name/data/$path", $isText ? \ZipArchive::CM_DEFLATE : \ZipArchive::CM_STORE);
        }
    }

    public function close(): void
    {
        if (!$this->zip->close()) {
            throw new \RuntimeException('The bundle could not be written; there may be no room on the server.');
        }
    }

    private function settle(string $name, int $method): void
    {
        $this->zip->setCompressionName($name, $method);
        $this->zip->setMtimeName($name, (int) strtotime(self::ALWAYS));
        $this->zip->setExternalAttributesName($name, \ZipArchive::OPSYS_UNIX, (0100644 & 0xFFFF) << 16);
    }
}
