<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What a part does with debris is said by its book now. Books that a shop wrote before were understood by the names of their
 * parts; what was understood is written into them once, so that they judge as they did.
 */
final class Version20261128210000 extends AbstractMigration
{
    private const DEBRIS = [
        'catches' => '/^(?!.*(ring|gasket|bypass|seal)).*(strainer|filter|screen|pan$|floor|drain-plug|chip-plug|sump|basket|cooler|converter|magnet)/',
        'sieve' => '/filter|strainer|screen|pickup|solenoid/',
        'magnet' => '/magnet|chip/',
        'low' => '/magnet|pan$|floor|drain-plug|chip|sump/',
    ];
    private const CLEANING = [
        'replace' => '/cooler|converter|filter|element|torque-c/',
        'keep-what-it-held' => '/strainer|screen|magnet|mesh|basket/',
    ];

    public function getDescription(): string
    {
        return 'Books of the shop say what their parts do with debris';
    }

    public function up(Schema $schema): void
    {
        foreach ($this->connection->fetchAllAssociative('SELECT id, content FROM shop_book') as $row) {
            $books = json_decode((string) $row['content'], true);
            if (\is_array($books)) {
                $content = json_encode(array_map(self::told(...), $books), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
                $this->addSql('UPDATE shop_book SET content = ? WHERE id = ?', [$content, $row['id']]);
            }
        }
    }

    public function down(Schema $schema): void
    {
        // What is said besides harms no earlier version.
    }

    private static function told(mixed $book): mixed
    {
        if (!\is_array($book) || !\is_array($book['parts'] ?? null)) {
            return $book;
        }
        foreach ($book['parts'] as $key => $part) {
            if (!\is_array($part) || isset($part['debris']) || isset($part['cleaning'])) {
                continue;
            }
            $debris = array_keys(array_filter(self::DEBRIS, static fn (string $words): bool => 1 === preg_match($words, (string) $key)));
            if ([] !== $debris) {
                $book['parts'][$key]['debris'] = $debris;
            }
            $words = $key.' '.strtolower(\is_string($part['name'] ?? null) ? $part['name'] : '');
            foreach (self::CLEANING as $cleaning => $pattern) {
                if (1 === preg_match($pattern, $words)) {
                    $book['parts'][$key]['cleaning'] = $cleaning;
                    break;
                }
            }
        }

        return $book;
    }
}
