<?php

declare(strict_types=1);

namespace App\Books;

use App\Platform\ShopError;
use Japhrex\Core\Chain\Mechanism\Mechanism;
use Japhrex\Core\Chain\Mechanism\MechanismBook;
use Japhrex\Core\Chain\Mechanism\MechanismFactory;
use Japhrex\Core\Chain\Mechanism\MechanismWords;
use Japhrex\Core\Chain\Mechanism\Vocabulary;
use Japhrex\Core\Damage\ModeCatalogue;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\BookError;
use Japhrex\Core\Family\BookFactory;
use Japhrex\Core\Family\BookTypes;
use Japhrex\Core\Family\BookVariants;
use Japhrex\Core\Family\BorrowedKinds;
use Japhrex\Core\Family\Data;
use Japhrex\Core\Family\UnitIs;
use Symfony\Component\Yaml\Yaml;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** The books of all families, the damage modes and the mechanisms, read from `books/` and kept compiled beside the container. */
final class BookShelf
{
    /** What the key of a shop's own book begins with, so that no book shipped later can take its place. */
    public const OWN = 'own-';

    /** Seconds for which what was made of a file is kept. */
    private const KEPT = 604800;

    /** @var array<string, array<string, Book>> key => of all its units, and of single ones */
    private array $books = [];

    /** @var array<string, array<string, string>> the shop's words by key of the book */
    private array $preferred = [];

    private ?ModeCatalogue $modes = null;
    private ?MechanismBook $mechanismBook = null;
    private ?Vocabulary $vocabulary = null;

    /** @var array<string, array<string, MechanismWords>> */
    private array $mechanismWords = [];

    public function __construct(
        private readonly string $projectDir,
        private readonly string $buildFolder,
        private readonly ?PreferredWords $words = null,
        private readonly ?OwnBooks $own = null,
        private readonly ?CacheInterface $cache = null,
    ) {
    }

    /**
     * @param UnitIs|null $unit the book of this one unit, without what is for others of its family; null: of all
     *
     * @throws ShopError if there is no such book, or it is refused
     */
    public function book(string $key, ?UnitIs $unit = null): Book
    {
        $name = $key.(null === $unit ? '' : ' '.json_encode($unit, \JSON_THROW_ON_ERROR));
        try {
            $this->preferred[$key] ??= $this->words?->preferred($key) ?? [];

            return $this->books[$key][$name] ??= $this->read($key, $unit)->inWords($this->preferred[$key]);
        } catch (BookError $error) {
            throw new ShopError(
                \sprintf('The book "%s" cannot be read any more and is set aside: %s', $key, $error->getMessage()),
                422,
                $error,
            );
        }
    }

    /** Units of many names have the same book: it is kept once, and by each unit which it is. */
    private function read(string $key, ?UnitIs $unit): Book
    {
        $content = fn (): array => null === $unit ? $this->contentOf($key) : BookVariants::of($this->contentOf($key), $unit);
        $hash = $this->made(
            'cut.'.hash('xxh128', $this->state($key).serialize($unit)),
            static fn (): string => hash('xxh128', serialize($content())),
        );

        return $this->made('book.'.$hash, static fn (): Book => (new BookFactory())->book($content()));
    }

    /** Another one when its file, or what it is made of, is. */
    private function state(string $key): string
    {
        $name = $this->fileOf($key);

        return null === $name
            ? hash('xxh128', serialize($this->contentOf($key)))
            : $key.' '.filemtime($this->projectDir.'/books/'.$name.'.yaml');
    }

    /**
     * What was made of a file: read again it comes in a third of the time in which it is made.
     *
     * @template T of object|string|array
     *
     * @param string $key that is another where the file is
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function made(string $key, \Closure $make): object|string|array
    {
        if (null === $this->cache) {
            return $make();
        }

        return $this->cache->get($key, static function (ItemInterface $item) use ($make): object|string|array {
            $item->expiresAfter(self::KEPT);

            return $make();
        });
    }

    /** @return array<mixed> */
    private function contentOf(string $key): array
    {
        if (str_starts_with($key, self::OWN)) {
            $content = $this->own?->content($key) ?? throw new ShopError(\sprintf('There is no book "%s" on the shelf.', $key), 404);

            return BorrowedKinds::into($content, array_merge(...array_map(
                fn (string $name): array => array_values($this->booksIn($name)),
                $this->files(),
            )));
        }
        $name = $this->fileOf($key) ?? throw new ShopError(\sprintf('There is no book "%s" on the shelf.', $key), 404);

        return $this->booksIn($name)[$key];
    }

    /** A shipped book stands in the file of its name, or in one that describes several types; null: it is none of them. */
    private function fileOf(string $key): ?string
    {
        foreach ($this->files() as $name) {
            if (($key === $name || str_starts_with($key, $name.'-')) && isset($this->booksIn($name)[$key])) {
                return $name;
            }
        }

        return null;
    }

    /** @return array<string, string> books on the shelf that are refused, each with what is wrong in it */
    public function refused(): array
    {
        $refused = [];
        foreach ($this->keys() as $key) {
            try {
                $this->book($key);
            } catch (ShopError $error) {
                $refused[$key] = $error->getMessage();
            }
        }

        return $refused;
    }

    /** Reads a book anew the next time: its words have changed. */
    public function forget(string $key): void
    {
        unset($this->books[$key], $this->preferred[$key], $this->mechanismWords[$key]);
    }

    /** @return list<string> */
    public function keys(): array
    {
        $keys = [];
        foreach ($this->files() as $name) {
            try {
                array_push($keys, ...array_keys($this->booksIn($name)));
            } catch (ShopError) {
                $keys[] = $name;
            }
        }

        return [...$keys, ...$this->own?->keys() ?? []];
    }

    /** The text of the file that a shipped book stands in, to read or to begin an own one with. */
    public function text(string $key): string
    {
        foreach ($this->files() as $name) {
            if ($key === $name || (str_starts_with($key, $name.'-') && isset($this->booksIn($name)[$key]))) {
                return (string) file_get_contents($this->projectDir.'/books/'.$name.'.yaml');
            }
        }

        return $this->own?->text($key) ?? throw new ShopError(\sprintf('There is no book "%s" on the shelf.', $key), 404);
    }

    /** @return list<string> names of the shipped files */
    private function files(): array
    {
        return array_values(
            array_diff(
                array_map(static fn (string $file): string => basename($file, '.yaml'), glob($this->projectDir.'/books/*.yaml') ?: []),
                ['modes'],
            )
        );
    }

    /** @return array<string, array<mixed>> key => content */
    private function booksIn(string $name): array
    {
        return array_filter($this->content('books/'.$name.'.yaml'), is_array(...));
    }

    /** @return list<Book> by title; what is refused is left out, see refused() */
    public function all(): array
    {
        $books = [];
        foreach ($this->keys() as $key) {
            try {
                $books[] = $this->book($key);
            } catch (ShopError) {
                continue;
            }
        }
        usort($books, static fn (Book $a, Book $b): int => strcmp($a->title, $b->title));

        return $books;
    }

    public function modes(): ModeCatalogue
    {
        return $this->modes ??= ModeCatalogue::of($this->content('books/modes.yaml'));
    }

    /** The conditions that mechanisms speak of, without the mechanisms. */
    public function vocabulary(): Vocabulary
    {
        return $this->vocabulary ??= (new MechanismFactory())->vocabulary(new Data($this->content('books/mechanisms/conditions.yaml')));
    }

    /** How harm gets on, and the conditions that this is told of; of a family with the mechanisms of its own book. */
    public function mechanismBook(?string $family = null): MechanismBook
    {
        $this->mechanismBook ??= $this->made(
            'mechanisms.'.hash('xxh128', $this->stateOfMechanisms()),
            fn (): MechanismBook => MechanismBook::of(array_map($this->content(...), $this->filesOfMechanisms())),
        );

        return null === $family ? $this->mechanismBook : $this->mechanismBook->with($this->book($family));
    }

    /**
     * How the mechanisms of a family read.
     *
     * @return array<string, MechanismWords>
     */
    public function mechanisms(string $family): array
    {
        return $this->mechanismWords[$family] ??= $this->made(
            'mechanism-words.'.hash('xxh128', $this->stateOfMechanisms().$this->state($family)),
            fn (): array => array_map(
                static fn (Mechanism $one): MechanismWords => new MechanismWords($one->name, $one->tells),
                $this->mechanismBook($family)->mechanisms,
            ),
        );
    }

    /** @return list<string> files of the mechanisms */
    private function filesOfMechanisms(): array
    {
        return array_map(
            static fn (string $file): string => 'books/mechanisms/'.basename($file),
            glob($this->projectDir.'/books/mechanisms/*.yaml') ?: [],
        );
    }

    private function stateOfMechanisms(): string
    {
        return implode(' ', array_map(
            fn (string $file): string => $file.filemtime($this->projectDir.'/'.$file), $this->filesOfMechanisms(),
        ));
    }

    /**
     * A YAML file, kept as PHP so that opcache serves it from memory.
     *
     * @return array<mixed>
     */
    private function content(string $file): array
    {
        $source = $this->projectDir.'/'.$file;
        $compiled = $this->buildFolder.'/shelf/'.str_replace('/', '-', $file).'.'.filemtime($source).'.php';
        if (!is_file($compiled)) {
            // Checked once, when it is compiled: with the same words as `./japhrex book check`.
            $problems = (new BookFiles($this->projectDir.'/books/schema'))->problems($source);
            if ([] !== $problems) {
                throw new ShopError(
                    \sprintf('%s is refused. Line %d: %s', $file, $problems[0]->line, $problems[0]->message).(
                        \count($problems) > 1 ? \sprintf(' And %d more; ./japhrex book check lists them.', \count($problems) - 1) : ''
                    ),
                    422,
                );
            }
            $content = (array) Yaml::parseFile($source);
            if ('books' === \dirname($file) && !isset($content['modes'])) {
                $content = (new BookTypes($content))->books();
            }
            @mkdir(\dirname($compiled), 0777, true);
            $draft = tempnam(\dirname($compiled), 'book');
            if (
                false === $draft
                    || false === file_put_contents($draft, '<?php return '.var_export($content, true).';')
                    || !rename($draft, $compiled)
            ) {
                return $content;
            }
        }
        $content = require $compiled;

        return \is_array($content) ? $content : [];
    }
}
