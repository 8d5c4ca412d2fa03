<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\DBAL\Connection;

/** Names of people beside the audit trail, which holds a salted digest of each: a name can be taken out, and the chain still holds. */
final class TrailNames
{
    private const PERSON = 'person:';

    /** @var array<string, string> name => digest */
    private array $digests = [];

    /** @var array<string, string>|null digest => name */
    private ?array $names = null;

    public function __construct(private readonly Connection $database)
    {
    }

    /** The digest of a name; a name that is new gets its salt. */
    public function digest(string $name): string
    {
        return $this->digests[$name] ??= $this->known($name) ?? $this->added($name);
    }

    public function person(string $name): string
    {
        return self::PERSON.$this->digest($name);
    }

    /** What stands in the trail, for a reader. */
    public function shown(?string $written): string
    {
        $this->names ??= array_map(
            static fn (mixed $name): string => \is_string($name) ? $name : 'a person whose name was taken out',
            $this->database->fetchAllKeyValue('SELECT digest, name FROM trail_name'),
        );
        $digest = str_starts_with((string) $written, self::PERSON) ? substr((string) $written, \strlen(self::PERSON)) : (string) $written;

        return $this->names[$digest] ?? (string) $written;
    }

    private function known(string $name): ?string
    {
        $digest = $this->database->fetchOne('SELECT digest FROM trail_name WHERE name = ?', [$name]);

        return \is_string($digest) ? $digest : null;
    }

    private function added(string $name): string
    {
        $salt = bin2hex(random_bytes(16));
        $this->database->executeStatement(
            'INSERT INTO trail_name (name, salt, digest) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
            [$name, $salt, hash('sha256', $salt.$name)],
        );

        // Whoever added the same name at the same moment came first.
        return $this->known($name) ?? hash('sha256', $salt.$name);
    }
}
