<?php

declare(strict_types=1);

namespace App\Account\Code;

use App\Account\LogIn\Guesses;
use App\Account\LogIn\Limit;
use App\Account\LogIn\TooManyGuesses;
use App\Account\Repository\SecondFactorRepository;
use App\Account\User;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The second factors of people: keys lie sealed, a code is taken once. */
final readonly class SecondFactors
{
    private const GUESSES = 5;
    private const MINUTES = 5;

    public function __construct(
        private SecondFactorRepository $factors,
        private EntityManagerInterface $entityManager,
        private Guesses $guesses,
        #[Autowire('%kernel.secret%')]
        private string $secret,
    ) {
    }

    public function has(User $person): bool
    {
        return null !== $this->factors->of($person);
    }

    /**
     * Whether the code is the person's of this minute; it is used up by that.
     *
     * @throws TooManyGuesses
     */
    public function takes(User $person, string $typed): bool
    {
        $factor = $this->factors->of($person);
        $limit = new Limit('code|'.$person->id, self::GUESSES, self::MINUTES, true);
        $this->guesses->mustHaveOneLeft([$limit]);
        $step = null === $factor ? null : TimeCode::stepOf($this->open($factor->sealed), self::digits($typed), now()->getTimestamp());
        if (null === $factor || null === $step || !$this->factors->take($factor, $step)) {
            return false;
        }
        $this->guesses->wasRight([$limit]);

        return true;
    }

    /**
     * Keeps a key once a code shows that the telephone has it.
     *
     * @return bool whether the code is one of that key
     */
    public function begin(User $person, string $key, string $typed): bool
    {
        $step = TimeCode::stepOf($key, self::digits($typed), now()->getTimestamp());
        if (null === $step) {
            return false;
        }
        $this->end($person);
        $this->entityManager->persist(new SecondFactor($person, $this->seal($key), $step));
        $this->entityManager->flush();

        return true;
    }

    public function end(User $person): void
    {
        $factor = $this->factors->of($person);
        if (null !== $factor) {
            $this->entityManager->remove($factor);
            $this->entityManager->flush();
        }
    }

    private static function digits(string $typed): string
    {
        return (string) preg_replace('/\D/', '', $typed);
    }

    private function seal(string $key): string
    {
        $nonce = random_bytes(\SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);

        return base64_encode($nonce.sodium_crypto_secretbox($key, $nonce, $this->sealingKey()));
    }

    private function open(string $sealed): string
    {
        $bytes = (string) base64_decode($sealed, true);
        $nonce = substr($bytes, 0, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);
        $key = sodium_crypto_secretbox_open(substr($bytes, \strlen($nonce)), $nonce, $this->sealingKey());

        return false === $key ? throw new \RuntimeException('A second factor was sealed with another secret (APP_SECRET).') : $key;
    }

    private function sealingKey(): string
    {
        return hash_hkdf('sha256', $this->secret, \SODIUM_CRYPTO_SECRETBOX_KEYBYTES, 'second factor');
    }
}
