<?php

declare(strict_types=1);

namespace Japhrex\Core\Exchange;

/** Why a bag is not taken for whole. */
final class BagError extends \DomainException
{
    public static function undeclared(): self
    {
        return new self('There is no bagit.txt in it, so it is no bag of files. Choose the ZIP as it was sent.');
    }

    public static function otherVersion(): self
    {
        return new self('Its bagit.txt is of a version that is not read here; expected BagIt 1.0 (or 0.97), its tag files in UTF-8.');
    }

    public static function fetches(): self
    {
        return new self('It wants files to be fetched from elsewhere (fetch.txt). Have it sent with all its files in it.');
    }

    public static function unlisted(): self
    {
        return new self('It has no manifest-sha256.txt, so nobody can tell whether its files are whole.');
    }

    public static function line(string $manifest, int $line): self
    {
        return new self(\sprintf('Line %d of %s cannot be read; expected 64 hexadecimal digits, two spaces and a path.', $line, $manifest));
    }

    public static function missing(string $path): self
    {
        return new self(\sprintf('%s is listed and not there. Have it sent again; something was lost on the way.', $path));
    }

    public static function unknown(string $path): self
    {
        return new self(\sprintf('%s lies in it and no manifest speaks of it. Somebody put it there after it was packed.', $path));
    }

    public static function changed(string $path, string $listed, string $is): self
    {
        return new self(\sprintf(
            '%s is not what was packed: its digest is %s…, the manifest says %s…. Have it sent again.',
            $path,
            substr($is, 0, 12),
            substr($listed, 0, 12),
        ));
    }

    public static function amount(string $told, string $is): self
    {
        return new self(\sprintf('It should hold %s (bytes.files) and holds %s.', $told, $is));
    }

    public static function unread(string $file, string $why): self
    {
        return new self(\sprintf('Its %s cannot be read here: %s.', $file, rtrim($why, '.')));
    }

    public static function unsigned(): self
    {
        return new self('Its document is not the one that was signed: the digests differ. Ask the shop that sent it.');
    }

    public static function otherPixels(string $path): self
    {
        return new self(\sprintf('%s is another picture than it says: only where it was taken may differ from the original.', $path));
    }
}
