<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Account\Actor;
use App\Books\TextFault;
use App\Verdict\Repository\ShopPolicyRepository;
use Doctrine\ORM\EntityManagerInterface;

/** The one way in for a policy of the shop: what is sound comes into force, and ends the one of that name before it. */
final readonly class KeepPolicy
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private PolicyText $text,
        private ShopPolicyRepository $policies,
    ) {
    }

    /** @return list<TextFault> what is wrong; then nothing is kept */
    public function __invoke(string $text, Actor $who): array
    {
        $faults = $this->text->problems($text);
        $content = [] === $faults ? $this->text->content($text) : [];
        $key = $content['policy'] ?? null;
        if ([] === $faults && !\is_string($key)) {
            $faults = [new TextFault(1, 'policy: the name by which it is known here is missing.')];
        }
        if ([] !== $faults || !\is_string($key)) {
            return $faults;
        }
        $this->end($key);
        $this->entityManager->persist(new ShopPolicy($key, $text, $content, $who));
        $this->entityManager->flush();

        return [];
    }

    public function end(string $key): void
    {
        $this->policies->oneInForce($key)?->end();
        $this->entityManager->flush();
    }
}
