<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Mechanism;

use Japhrex\Core\Family\BookError;

/** A condition as a rule names it: `damage:scoring@here`, `state:air`, `complaint:noise`. */
final readonly class Term
{
    public const RELATIONS = ['', 'here', 'mate', 'downstream', 'joined', 'sieved', 'drawn'];

    private function __construct(public string $kind, public string $key, public string $relation)
    {
    }

    public static function of(string $text, string $at): self
    {
        if (
            1 !== preg_match('/^(origin|state|damage|complaint):([a-z|*-]+)(?:@([a-z]+))?$/', $text, $m)
                || !\in_array($m[3] ?? '', self::RELATIONS, true)
        ) {
            throw new BookError(
                \sprintf(
                    '“%s” is no condition. Expected kind:key or kind:key@relation, such as damage:scoring@here; relations: %s.',
                    $text,
                    implode(', ', array_filter(self::RELATIONS)),
                ),
                $at,
            );
        }

        return new self($m[1], $m[2], $m[3] ?? '');
    }

    /** @return list<self> one for each kind of damage that it names; complaints are told by the book */
    public function each(): array
    {
        return 'damage' === $this->kind
            ? array_map(fn (string $key): self => new self($this->kind, $key, $this->relation), explode('|', $this->key))
            : [$this];
    }
}
