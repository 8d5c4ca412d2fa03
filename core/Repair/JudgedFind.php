<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair;

use Japhrex\Core\Family\Acceptance;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Family\Part;

/** Damage that was found on a part, against what its duty accepts. */
final readonly class JudgedFind
{
    /**
     * @param string $key by which the find is known
     * @param Acceptance|null $accepted null: it hangs on the duty, which nobody has told
     */
    private function __construct(public string $key, public int $grade, public ?Acceptance $accepted, private string $says)
    {
    }

    /**
     * @param string $key by which the find is known
     * @param string $mode of damage
     * @param string $name of that kind of damage
     * @param string|null $surface null: the part as a whole
     * @param string $duty of the unit or its stage; empty: nobody has told
     *
     * @return self|null null: the book does not judge it by duty
     */
    public static function of(
        Book $book,
        Part $part,
        string $key,
        string $mode,
        string $name,
        int $grade,
        ?string $surface,
        string $duty,
    ): ?self {
        $about = array_filter($part->accepts, static fn (Acceptance $one): bool => $one->isAbout($mode, $surface));
        $of = static fn (string $whose): ?Acceptance => array_values(array_filter(
            $about,
            static fn (Acceptance $one): bool => $one->duty === $whose,
        ))[0] ?? null;
        $accepted = ('' === $duty ? null : $of($duty)) ?? $of('');
        if (null === $accepted && ('' !== $duty || [] === $about)) {
            return null;
        }
        $find = lcfirst($name).' of grade '.$grade;
        $for = '' === ($accepted->duty ?? '') ? 'in any duty' : \sprintf('for the duty "%s"', lcfirst($book->duties[$duty]->name ?? $duty));

        return new self($key, $grade, $accepted, match (true) {
            null === $accepted => $find.' is accepted in one duty and not in another, and nobody has told what this one has to do',
            $grade <= $accepted->upTo => \sprintf('%s is accepted %s: %s', $find, $for, lcfirst($accepted->why)),
            0 === $accepted->upTo => \sprintf('%s is not accepted %s, however slight: %s', $find, $for, lcfirst($accepted->why)),
            default => \sprintf('%s is not accepted %s, up to grade %d is: %s', $find, $for, $accepted->upTo, lcfirst($accepted->why)),
        });
    }

    public function isAccepted(): bool
    {
        return null !== $this->accepted && $this->grade <= $this->accepted->upTo;
    }

    /** In words, without a full stop. */
    public function says(): string
    {
        return rtrim($this->says, '.');
    }
}
