<?php

declare(strict_types=1);

namespace App\Verdict\Warranty;

use App\Chain\CaseChain;
use App\Chain\ChainNode;
use App\Intake\CaseFile;
use App\Intake\YesNo;
use App\Verdict\Explained;
use App\Verdict\Repository\ShopPolicyRepository;
use App\Verdict\Repository\VerdictRepository;
use App\Verdict\Repository\WarrantyFactsRepository;
use App\Verdict\Verdict;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Chain\OriginKind;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;
use Japhrex\Core\Verdict\Policy\ClaimFacts;
use Japhrex\Core\Verdict\Policy\Judgement;
use Japhrex\Core\Verdict\Policy\Policy;
use Japhrex\Core\Verdict\Policy\PolicyFactory;
use Japhrex\Core\Verdict\Policy\PolicyRules;
use Japhrex\Core\Verdict\Policy\Proof;

/** The policies in force, and what each says of a case. */
final readonly class Policies
{
    public function __construct(
        private CaseChain $chains,
        private Custodies $custodies,
        private ShopPolicyRepository $policies,
        private WarrantyFactsRepository $facts,
        private VerdictRepository $verdicts,
    ) {
    }

    /** @return list<ShopPolicy> */
    public function inForce(): array
    {
        return $this->policies->inForce();
    }

    /** @return array<string, mixed> the content of those in force, by their key */
    public function asTheyAre(): array
    {
        $policies = [];
        foreach ($this->inForce() as $one) {
            $policies[$one->policy] = $one->content;
        }

        return $policies;
    }

    public function facts(CaseFile $case): WarrantyFacts
    {
        return $this->facts->known($case);
    }

    /**
     * @return list<JudgedAnswer> the policies for each answer of the verdict; null: there is none yet
     */
    public function each(CaseFile $case): array
    {
        $verdict = $this->verdicts->last($case);

        return array_map(
            fn (?Explained $one): JudgedAnswer => new JudgedAnswer($one, $this->judge($case, $one)),
            $verdict?->explained() ?? [null],
        );
    }

    /**
     * @param Explained|null $about the origin that is judged; null: none is answered yet
     *
     * @return list<Judgement> of those policies that are for this unit
     */
    public function judge(CaseFile $case, ?Explained $about): array
    {
        $facts = $this->facts($case);
        $judged = [];
        foreach ($this->inForce() as $one) {
            $policy = (new PolicyFactory())->policy($one->content);
            if ($policy->isFor($case->maker, null !== $case->comebackOf)) {
                $judged[] = PolicyRules::judge($policy, $this->known($case, $facts, $policy, $about));
            }
        }

        return $judged;
    }

    /** What one policy says; null: it is in force no more, or not for this unit. */
    public function one(CaseFile $case, string $key, ?Explained $about): ?Judgement
    {
        foreach ($this->judge($case, $about) as $one) {
            if ($one->policy->key === $key) {
                return $one;
            }
        }

        return null;
    }

    private function known(CaseFile $case, WarrantyFacts $facts, Policy $policy, ?Explained $about): ClaimFacts
    {
        $service = $policy->editions[0]->fromFitting ? $case->serviceSinceRepair : $case->serviceSinceNew;
        $hours = self::size($service, Dimension::Time);
        $distance = self::size($service, Dimension::Distance);

        return new ClaimFacts(
            $facts->delivered, $facts->fitted, $facts->failed, $facts->told,
            null === $hours ? null : $hours / 3600.0, null === $distance ? null : $distance / 1000.0,
            $this->origin($case, $about), $about->by->causeNotFound ?? false, self::proofs($case, $facts) + (
                $this->custodies->hasSent($case) ? [Proof::PartReturned->value => true] : []
            ),
        );
    }

    /** Of the verdict; before there is one, of the chain, if it has a single origin. */
    private function origin(CaseFile $case, ?Explained $about): ?OriginKind
    {
        if (null !== $about?->by->origin) {
            return $about->by->origin->origin;
        }
        $origins = array_values(
            array_filter($this->chains->nodes($case), static fn (ChainNode $node): bool => NodeKind::Origin === $node->kind)
        );

        return 1 === \count($origins) ? $origins[0]->origin : null;
    }

    /** @return array<string, bool> */
    private static function proofs(CaseFile $case, WarrantyFacts $facts): array
    {
        $said = [
            Proof::PhotosUnaltered->value => $facts->photosUnaltered, Proof::SealsIntact->value => $case->arrival?->sealsIntact,
            Proof::HoursProven->value => $facts->hoursProven,
            Proof::OilSample->value => $facts->oilSample, Proof::PartReturned->value => $facts->partReturned,
            Proof::ServiceRecord->value => $facts->serviceRecord, Proof::FittedByTrained->value => $facts->fittedByTrained,
        ];

        return array_map(
            static fn (YesNo $one): bool => YesNo::Yes === $one,
            array_filter($said, static fn (?YesNo $one): bool => YesNo::Yes === $one || YesNo::No === $one),
        );
    }

    /** In SI; null where it is not known or of another kind. */
    private static function size(string $typed, Dimension $dimension): ?float
    {
        try {
            return Quantity::parse($typed, $dimension)->si;
        } catch (QuantityError) {
            return null;
        }
    }
}
