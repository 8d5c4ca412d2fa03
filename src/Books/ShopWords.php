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
            [$this->words, $this->told] = [[], []];
            /** @var array{family: string, part: string, word: string} $row */
            foreach ($this->database->fetchAllAssociative('SELECT family, part, word FROM shop_word') as $row) {
                $this->words[$row['family']][$row['part']] = $row['word'];
            }
        }
        $this->told[$family] = true;

        return $this->words[$family] ?? [];
    }

    public function reset(): void
    {
        [$this->words, $this->told] = [null, []];
    }
}
