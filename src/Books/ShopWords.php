<?php

declare(strict_types=1);

namespace App\Books;

use Doctrine\DBAL\Connection;

final readonly class ShopWords implements PreferredWords
{
    public function __construct(private Connection $database)
    {
    }

    public function preferred(string $family): array
    {
        $words = [];
        foreach (
            $this->database->fetchAllAssociative('SELECT part, word FROM shop_word WHERE family = :family', ['family' => $family]) as $row
        ) {
            if (\is_string($row['part']) && \is_string($row['word'])) {
                $words[$row['part']] = $row['word'];
            }
        }

        return $words;
    }
}
