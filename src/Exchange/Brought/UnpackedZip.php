<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Platform\ShopError;

/** A ZIP of somebody else, unpacked with care: into names of our own, no more than its bounds allow. */
final class UnpackedZip
{
    private const MOST_FILES = 20_000;
    private const MOST_BYTES = 4_000_000_000;

    /** Bytes of a file that lies beside the payload. */
    private const MOST_TEXT = 5_000_000;

    /** @var array<string, array<string, string>> files by bag and path in it */
    public array $bags = [];

    /** @throws ShopError saying what is wrong with it */
    public function __construct(string $file, string $folder)
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS)) {
            throw new ShopError('That is no whole ZIP. Choose the file as it was sent; one that was cut off is sent again.', 422);
        }
        try {
            if ($zip->numFiles > self::MOST_FILES) {
                throw new ShopError(\sprintf('It holds %d files; a bundle has at most %d.', $zip->numFiles, self::MOST_FILES), 422);
            }
            for ($i = 0, $left = self::MOST_BYTES; $i < $zip->numFiles; ++$i) {
                $left -= $this->unpack($zip, $i, $folder, $left);
            }
        } finally {
            $zip->close();
        }
        if ([] === $this->bags) {
            throw new ShopError('There is nothing in it.', 422);
        }
    }

    /** @return int its bytes */
    private function unpack(\ZipArchive $zip, int $i, string $folder, int $left): int
    {
        $name = (string) $zip->getNameIndex($i, \ZipArchive::FL_UNCHANGED);
        if (str_ends_with($name, '/')) {
            return 0;
        }
        $parts = explode('/', $name);
        $isOdd = 1 === preg_match('/[\x00-\x1f\\\\:]/', $name) || 1 !== preg_match('//u', $name)
            || [] !== array_intersect(['', '.', '..'], $parts);
        if ($isOdd || \count($parts) < 2 || \count($parts) > 5 || \strlen($name) > 400) {
            throw new ShopError(\sprintf('“%s” is no name of a file in a bag.', mb_substr(mb_scrub($name), 0, 80)), 422);
        }
        $bag = array_shift($parts);
        $path = implode('/', $parts);
        if (isset($this->bags[$bag][$path])) {
            throw new ShopError(\sprintf('%s is in it twice.', $name), 422);
        }
        $most = min($left, 'data' === $parts[0] ? $left : self::MOST_TEXT);
        $from = $zip->getStreamIndex($i);
        $to = fopen($target = $folder.'/'.$i, 'w');
        if (false === $from || false === $to) {
            throw new ShopError(\sprintf('%s cannot be read out of it.', $name), 422);
        }
        // What it says of its own size is not believed.
        $bytes = (int) stream_copy_to_stream($from, $to, $most + 1);
        if ($bytes > $most) {
            throw new ShopError(\sprintf('%s unpacks to more than is taken; a bundle holds %d MB.', $name, self::MOST_BYTES / 1e6), 413);
        }
        fclose($from);
        fclose($to);
        $this->bags[$bag][$path] = $target;

        return $bytes;
    }
}
