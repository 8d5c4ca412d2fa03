<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Claims\Claims;
use App\Claims\ClaimSteps;
use App\Claims\MakeClaim;
use App\Claims\MakeClaimHandler;
use App\Claims\OrderPapers;
use App\Intake\CaseFile;
use App\Intake\YesNo;
use App\Verdict\Warranty\KeepPolicy;
use App\Verdict\Warranty\MovePart;
use App\Verdict\Warranty\Policies;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Quantity\Money;
use Japhrex\Core\Verdict\Claim\ClaimState;
use Japhrex\Core\Verdict\Claim\ClaimStep;
use Japhrex\Core\Verdict\Whereabouts;

/** The warranties of the demo, and what they ask of its cases. */
final readonly class DemoWarranties
{
    /** Where the demo shop is reached, for the codes on its tags. */
    private const BASE = 'http://ostrey-quay.invalid';

    public function __construct(
        private EntityManagerInterface $entityManager,
        private DemoHands $hands,
        private KeepPolicy $keep,
        private Policies $policies,
        private MovePart $move,
        private Claims $claims,
        private OrderPapers $order,
        private MakeClaimHandler $make,
        private ClaimSteps $steps,
    ) {
    }

    /** @param list<string> $texts */
    public function policies(array $texts, User $who): void
    {
        foreach ($texts as $text) {
            $faults = ($this->keep)($text, $who);
            if ([] !== $faults) {
                throw new \LogicException('A policy of the demo is wrong: '.$faults[0]->message);
            }
        }
    }

    /** @param array<string, mixed> $row days before today, and proofs as yes or no */
    public function facts(CaseFile $case, array $row): void
    {
        if ([] === $row) {
            return;
        }
        $facts = $this->policies->facts($case);
        foreach ($row as $name => $value) {
            (new \ReflectionProperty($facts, $name))->setValue(
                $facts,
                \is_int($value) ? self::day($value) : YesNo::from(\is_string($value) ? $value : ''),
            );
        }
        $this->entityManager->persist($this->hands->sound($facts));
        $this->entityManager->flush();
    }

    /** @param list<array<string, mixed>> $rows */
    public function custody(CaseFile $case, array $rows, User $who): void
    {
        foreach ($rows as $row) {
            /** @var array{part: string, what: string, days: int, place: string} $row */
            $day = self::day($row['days']);
            $this->hands->use($who, $day->modify('+15 hours'));
            ($this->move)($case, $row['part'], Whereabouts::from($row['what']), $day, $row['place'], $who);
        }
    }

    /** @param array<string, mixed> $row */
    public function claim(CaseFile $case, array $row, User $who): void
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
        $this->hands->use($who, self::day($row['moves'][0]['days'])->modify('+16 hours'));
        $judged = $this->policies->one($case, $row['policy'], $this->policies->each($case)[0]->for)
            ?? throw new \LogicException("No policy {$row['policy']} for case {$case->number}.");
        $claim = $this->claims->draft($case, $judged, $who);
        [$claim->addressee, $claim->costs, $claim->answers] = [$row['addressee'], $row['costs'], $row['answers'] ?? []];
        $this->entityManager->persist($this->hands->sound($claim));
        $this->entityManager->flush();
        // What is sent is made: the worker, who makes papers otherwise, is not there yet.
        ($this->make)(new MakeClaim(($this->order)($claim, self::BASE, false, $who)->id));
        foreach ($row['moves'] as $one) {
            $day = self::day($one['days']);
            $this->hands->use($who, $day->modify('+17 hours'));
            $amount = isset($one['amount']) ? Money::parse($one['amount']) : null;
            $this->steps->take($claim, new ClaimStep(ClaimState::from($one['state']), $day, $one['words'] ?? '', $amount), null, $who);
        }
    }

    private static function day(int $ago): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('today'))->modify("-$ago days");
    }
}
