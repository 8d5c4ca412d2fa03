<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\User;
use App\Exchange\Repository\ApiTokenRepository;
use App\Platform\DeviceToken;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

/** The one way in for tokens, and out. */
final readonly class GiveToken
{
    /** Days for which one may be made. */
    public const DAYS = [30, 90, 365];

    /** That one person has at a time. */
    private const MOST = 20;

    public function __construct(
        private EntityManagerInterface $entityManager,
        private ApiTokenRepository $tokens,
        private SecurityLog $log,
    ) {
    }

    /**
     * @param list<string> $scopes
     *
     * @return string the token, which is told once
     *
     * @throws ShopError if it lacks a name, a scope or an end, or this person has too many
     */
    public function give(User $person, string $name, array $scopes, int $days): string
    {
        $may = array_values(array_filter(ApiScope::cases(), static fn (ApiScope $one): bool => \in_array($one->value, $scopes, true)));
        if ('' === $name || [] === $may || !\in_array($days, self::DAYS, true)) {
            throw new ShopError('A token has a name, which says who reads with it, at least one thing that it may read, and an end.', 422);
        }
        if (\count($this->tokens->open($person)) >= self::MOST) {
            throw new ShopError(\sprintf('You have %d tokens already. End those that nobody uses any more.', self::MOST), 422);
        }
        $token = DeviceToken::make();
        $this->entityManager->persist(new ApiToken(
            $person, mb_substr($name, 0, ApiToken::LONGEST_NAME), DeviceToken::hash($token), $may, now(\sprintf('+%d days', $days)),
        ));
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::Token, $person, \sprintf('“%s” may read %s', $name, self::listed($may)));

        return $token;
    }

    public function end(ApiToken $token, User $by): void
    {
        $token->end();
        $this->entityManager->flush();
        $this->log->note(SecurityEvent::Token, $by, \sprintf('“%s” of %s ended', $token->name, $token->person->name));
    }

    /** @param list<ApiScope> $scopes */
    private static function listed(array $scopes): string
    {
        return implode(', ', array_map(static fn (ApiScope $one): string => $one->value, $scopes));
    }
}
