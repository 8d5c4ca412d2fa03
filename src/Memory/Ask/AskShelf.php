<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Books\BookShelf;
use App\Books\Repository\ShopBookRepository;
use App\Books\ShopWords;
use Japhrex\Core\Damage\Mode;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Memory\Ask\AskMeasures;
use Japhrex\Core\Memory\Ask\AskReader;
use Japhrex\Core\Memory\Ask\AskWords;
use Japhrex\Core\Memory\Ask\WordKind;
use Japhrex\Core\Quantity\Dimension;

use function Symfony\Component\Clock\now;

use Symfony\Contracts\Cache\CacheInterface;

/** The words of all books on the shelf, kept until a book or a word of the shop changes. */
final class AskShelf
{
    private ?AskWords $words = null;

    /** @var array<string, Dimension> */
    private array $dimensions = [];

    public function __construct(
        private readonly BookShelf $shelf,
        private readonly CacheInterface $cache,
        private readonly ShopBookRepository $books,
        private readonly ShopWords $shopWords,
        private readonly string $buildFolder,
    ) {
    }

    public function words(): AskWords
    {
        if (null === $this->words) {
            $state = implode(' ', [(string) filemtime($this->buildFolder), $this->books->state(), $this->shopWords->state()]);
            $key = 'ask-words-'.md5($state);
            [$this->words, $this->dimensions] = $this->cache->get($key, fn (): array => $this->gather());
        }

        return $this->words;
    }

    public function reader(): AskReader
    {
        $words = $this->words();

        return new AskReader($words, now(), new AskMeasures($this->dimensions));
    }

    /** @return array{AskWords, array<string, Dimension>} */
    private function gather(): array
    {
        $words = array_fill_keys(array_map(static fn (WordKind $kind): string => $kind->value, WordKind::cases()), []);
        $dimensions = [];
        foreach ($this->shelf->all() as $book) {
            $words[WordKind::Family->value][$book->key] = [$book->title];
            self::add($words, $book);
            foreach ($book->parts as $part) {
                foreach ($part->fields as $key => $field) {
                    $words[WordKind::Reading->value][$key] ??= [$field->name];
                    $dimensions[$key] ??= $field->dimension;
                }
            }
        }
        $words[WordKind::Mode->value] = array_map(
            static fn (Mode $mode): array => [$mode->name, ...$mode->also],
            $this->shelf->modes()->modes,
        );
        foreach ($this->shelf->vocabulary()->origins as $key => $origin) {
            $words[WordKind::Origin->value][$key] = [$origin->name];
        }

        return [new AskWords($words), $dimensions];
    }

    /** @param array<string, array<string, list<string>>> $words */
    private static function add(array &$words, Book $book): void
    {
        $more = static function (WordKind $kind, string $key, string ...$names) use (&$words): void {
            $known = $words[$kind->value][$key] ?? [];
            $words[$kind->value][$key] = array_values(array_unique([...$known, ...array_filter($names)]));
        };
        foreach ($book->parts as $part) {
            $more(WordKind::Part, $part->key, $part->name, $part->short, ...$part->also);
            foreach ($part->surfaces as $surface) {
                $more(WordKind::Surface, $surface->key, $surface->name);
            }
        }
        foreach ($book->complaints as $complaint) {
            $more(WordKind::Complaint, $complaint->key, $complaint->name);
        }
    }
}
