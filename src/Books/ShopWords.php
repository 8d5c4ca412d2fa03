<?php

declare(strict_types=1);

namespace App\Books;

use Doctrine\DBAL\Connection;
use Symfony\Contracts\Service\ResetInterface;

/** Asks for the words of all families at once, and anew when a family is asked for a second time: then its book was forgotten. */
final class ShopWords implements PreferredWords, ResetInterface
{
    /** @var array<string, array<string, string>>|null family => part => word, of those that were not asked for yet */
    private ?array $words = null;

    /** @var array<string, true> families that were asked for */
    private array $told = [];

    public function __construct(private readonly Connection $database)
    {
    }

    public function preferred(string $family): array
    {
        if (null === $this->words || isset($this->told[$family])) {
            $this->words = $this->read();
            $this->told = [];
        }
        $this->told[$family] = true;

        return $this->words[$family] ?? [];
    }

    /** Another text whenever a word has changed since it was looked at. */
    public function state(): string
    {
        $this->words ??= $this->read();

        return hash('xxh128', serialize($this->words));
    }

    /** @return array<string, array<string, string>> */
    private function read(): array
    {
        $words = [];
        /** @var array{family: string, part: string, word: string} $row */
        foreach ($this->database->fetchAllAssociative('SELECT family, part, word FROM shop_word ORDER BY id') as $row) {
            $words[$row['family']][$row['part']] = $row['word'];
        }

        return $words;
    }

    public function reset(): void
    {
        [$this->words, $this->told] = [null, []];
    }
}
