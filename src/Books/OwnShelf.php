<?php

declare(strict_types=1);

namespace App\Books;

use Doctrine\DBAL\Connection;

final readonly class OwnShelf implements OwnBooks
{
    public function __construct(private Connection $database)
    {
    }

    public function keys(): array
    {
        return array_values(
            array_filter(
                $this->database->fetchFirstColumn(
                    "SELECT json_object_keys(content) FROM shop_book WHERE ended_at IS NULL AND json_typeof(content) = 'object' ORDER BY 1"
                ),
                is_string(...),
            )
        );
    }

    public function content(string $key): ?array
    {
        $content = $this->database->fetchOne(
            'SELECT content -> :key FROM shop_book WHERE ended_at IS NULL AND content -> :key IS NOT NULL',
            ['key' => $key],
        );
        $content = \is_string($content) ? json_decode($content, true) : null;

        return \is_array($content) ? $content : null;
    }

    public function text(string $key): ?string
    {
        $text = $this->database->fetchOne(
            'SELECT text FROM shop_book WHERE ended_at IS NULL AND (book = :key OR content -> :key IS NOT NULL)',
            ['key' => $key],
        );

        return \is_string($text) ? $text : null;
    }
}
