<?php

declare(strict_types=1);

namespace App\Books;

use App\Account\CurrentPerson;
use App\Books\Repository\ShopBookRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Chain\Ground\Grounding;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;
use Symfony\Component\Yaml\Yaml;

/** Takes in a book that the shop wrote, or says what is wrong with it. */
final readonly class BookDesk
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private BookShelf $shelf,
        private CurrentPerson $person,
        private string $schemas,
        private PartsInUse $inUse,
        private ShopBookRepository $ownBooks,
    ) {
    }

    /** @return list<TextFault> what is wrong; nothing: the book is on the shelf */
    public function take(string $text): array
    {
        $text = str_replace("\r\n", "\n", $text);
        $problems = [...$this->misnamed($text), ...(new BookFiles($this->schemas))->problemsIn($text)];
        if ([] !== $problems) {
            return $problems;
        }
        $file = (array) Yaml::parse($text);
        $book = \is_string($file['book'] ?? null) ? $file['book'] : '';
        $content = (new BookTypes($file))->books();
        $problems = $this->tried($content) ?: $this->stillNeeded($content);
        if ([] !== $problems) {
            return $problems;
        }
        $this->entityManager->wrapInTransaction(function () use ($book, $text, $content): void {
            foreach ($this->ownBooks->inForce($book) as $before) {
                $before->end();
            }
            $this->entityManager->flush();
            $this->entityManager->persist(new ShopBook($book, $text, $content, $this->person->get()));
        });
        foreach (array_keys($content) as $key) {
            $this->shelf->forget($key);
        }

        return [];
    }

    /**
     * Tries it whole on a shelf of its own, as every page would use it, before it stands on that of the shop.
     *
     * @param array<string, array<mixed>> $content
     *
     * @return list<TextFault>
     */
    private function tried(array $content): array
    {
        try {
            foreach ($content as $key => $one) {
                $book = (new BookFactory())->book($one);
                if ($book->key !== $key || [] === $book->parts || [] === $book->strip) {
                    return [
                        new TextFault(
                            1,
                            \sprintf(
                                '%s: a book has parts, and steps by which they come off.',
                                '' === (string) $key ? 'it' : $key,
                            ),
                        ),
                    ];
                }
                $mechanisms = $this->shelf->mechanismBook()->with($book);
                (
                    new Grounding($book, $this->shelf->modes(), $mechanisms->mechanisms, $mechanisms->vocabulary)
                )->ground(new Facts([], [], [], false));
            }
        } catch (\Throwable $error) {
            return [new TextFault(1, 'it cannot be used: '.$error->getMessage())];
        }

        return [] === $content ? [new TextFault(1, 'there is no book in it.')] : [];
    }

    /**
     * Parts that were found damaged in a case must stay in its book, or the finding would be out of sight.
     *
     * @param array<string, array<mixed>> $content
     *
     * @return list<TextFault>
     */
    private function stillNeeded(array $content): array
    {
        $problems = [];
        foreach ($content as $key => $book) {
            $parts = \is_array($book['parts'] ?? null) ? $book['parts'] : [];
            foreach ($this->inUse->partsOfFamily((string) $key) as $part => $case) {
                if (!isset($parts[$part])) {
                    $problems[$part] = new TextFault(
                        1,
                        \sprintf('parts/%s: case %s has a finding on this part; it has to stay in the book.', $part, $case),
                    );
                }
            }
        }

        return array_values($problems);
    }

    /** @return list<TextFault> */
    private function misnamed(string $text): array
    {
        if (
            1 !== preg_match('/^book:[ \t]*(\S*)/m', $text, $found, \PREG_OFFSET_CAPTURE) || str_starts_with($found[1][0], BookShelf::OWN)
        ) {
            return [];
        }

        return [
            new TextFault(
                1 + substr_count($text, "\n", 0, $found[0][1]),
                \sprintf(
                    'book: "%s" is no name for a book of your own; begin it with "%s", so that no book shipped later takes its place.',
                    $found[1][0],
                    BookShelf::OWN,
                ),
            ),
        ];
    }
}
