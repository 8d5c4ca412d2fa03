<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Books\BookShelf;
use App\Exchange\Bag\PackedCase;
use App\Platform\StoredFiles;
use Japhrex\Core\Family\Book;

/** Reads a brought case for its page: names by our own books where they know the unit, else as they were written. */
final readonly class BroughtPages
{
    public function __construct(private StoredFiles $stored, private BookShelf $shelf)
    {
    }

    public function of(Brought $brought): BroughtPage
    {
        $about = json_decode($this->text($brought, PackedCase::ABOUT), false, 512, \JSON_THROW_ON_ERROR);
        $document = json_decode($this->text($brought, PackedCase::DOCUMENT), true, 512, \JSON_THROW_ON_ERROR);
        \assert($about instanceof \stdClass && \is_array($document));

        return new BroughtPage($brought, new AboutCase($about), $document, $this->book($brought->family), $this->shelf->modes());
    }

    private function text(Brought $brought, string $path): string
    {
        return (string) stream_get_contents($this->stored->open(Brought::AREA, $brought->files[$path] ?? ''));
    }

    private function book(string $family): ?Book
    {
        return \in_array($family, $this->shelf->keys(), true) ? $this->shelf->book($family) : null;
    }
}
