<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

/** How a unit runs, as its user says. */
enum UserSays: string
{
    case Well = 'well';
    case But = 'but';
    case Failed = 'failed';

    public function label(): string
    {
        return match ($this) {
            self::Well => 'It runs well',
            self::But => 'It runs, but …',
            self::Failed => 'It does what it did before, or has stopped',
        };
    }

    /**
     * @param bool $remarked is a leak or a noise ticked?
     *
     * @throws ProofError saying what is missing
     */
    public static function allow(?self $says, bool $remarked, string $words, string $name): void
    {
        if (null === $says) {
            throw ProofError::notAnswered();
        }
        if (self::Well !== $says && !$remarked && '' === trim($words)) {
            throw ProofError::nothingRemarked();
        }
        if ('' === trim($name)) {
            throw ProofError::nameless();
        }
    }
}
