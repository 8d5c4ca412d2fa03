<?php

declare(strict_types=1);

namespace App\Demo;

use App\Claims\ClaimMove;
use App\Claims\ClaimPapers;
use App\Claims\Claims;
use App\Claims\MakeClaim;
use App\Intake\CaseFile;
use App\Intake\YesNo;
use App\Verdict\Warranty\Custody;
use App\Verdict\Warranty\Policies;
use App\Verdict\Warranty\PolicyText;
use App\Verdict\Warranty\ShopPolicy;
use App\Verdict\Warranty\WarrantyFacts;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Japhrex\Core\Verdict\Whereabouts;

use function Symfony\Component\Clock\now;

use Symfony\Component\Messenger\MessageBusInterface;

/** The warranties of the demo, and what they ask of its cases. */
final readonly class DemoWarranties
{
    /** Where the demo shop is reached, for the codes on its tags. */
    private const BASE = 'http://ostrey-quay.invalid';

    public function __construct(
        private EntityManagerInterface $entityManager,
        private PolicyText $text,
        private Claims $claims,
        private Policies $policies,
        private MessageBusInterface $bus,
    ) {
    }

    /** @param list<mixed> $texts */
    public function policies(array $texts, string $who): void
    {
        foreach ($texts as $text) {
            $text = \is_string($text) ? $text : '';
            $problems = $this->text->problems($text);
            if ([] !== $problems) {
                throw new \LogicException('A policy of the demo is wrong: '.$problems[0]->message);
            }
            $content = $this->text->content($text);
            $this->entityManager->persist(new ShopPolicy(\is_string($content['policy']) ? $content['policy'] : '', $text, $content, $who));
        }
    }

    /** @param array<string, mixed> $row days before today, and proofs as yes or no */
    public function facts(CaseFile $case, array $row): void
    {
        if ([] === $row) {
            return;
        }
        $facts = new WarrantyFacts($case);
        foreach ($row as $name => $value) {
            (new \ReflectionProperty($facts, $name))->setValue(
                $facts,
                \is_int($value) ? self::day($value) : YesNo::from(\is_string($value) ? $value : ''),
            );
        }
        $this->entityManager->persist($facts);
    }

    /** @param list<array<string, mixed>> $rows */
    public function custody(CaseFile $case, array $rows, string $who): void
    {
        foreach ($rows as $row) {
            /** @var array{part: string, what: string, days: int, place: string} $row */
            $this->entityManager->persist(
                new Custody($case, $row['part'], Whereabouts::from($row['what']), self::day($row['days']), $row['place'], $who)
            );
        }
    }

    /** @param array<string, mixed> $row */
    public function claim(CaseFile $case, array $row, string $who): void
    {
        if ([] === $row) {
            return;
        }
        /**
         * @var array{
         *     policy: string, addressee: string, costs: array<string, string>, answers?: array<string, string>,
         *     moves: list<array{state: string, days: int, words?: string, amount?: string}>,
         * } $row
         */
        $claim = $this->claims->draft(
            $case,
            $this->policies->one(
                $case,
                $row['policy'],
                $this->policies->each($case)[0]->for,
            ) ?? throw new \LogicException("No policy {$row['policy']} for case {$case->number}."),
            $who,
        );
        [$claim->addressee, $claim->costs, $claim->answers] = [$row['addressee'], $row['costs'], $row['answers'] ?? []];
        $claim->madeAt = self::day($row['moves'][0]['days']);
        $this->entityManager->persist($claim);
        $this->entityManager->persist($papers = new ClaimPapers($claim, self::BASE, $who));
        foreach ($row['moves'] as $one) {
            $move = new ClaimMove(
                $claim,
                new ClaimStep(
                    ClaimState::from($one['state']),
                    self::day($one['days']),
                    $one['words'] ?? '',
                    isset($one['amount']) ? Money::parse($one['amount']) : null,
                ),
                $who,
            );
            $move->papers = ClaimState::Sent === $move->state ? $papers : null;
        }
        $this->entityManager->flush();
        $papers->version = $claim->version;
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeClaim($papers->id));
    }

    private static function day(int $ago): \DateTimeImmutable
    {
        return now("today -$ago days");
    }
}
