<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Chain\Form\ProposalInput;
use App\Chain\Form\RefusalInput;
use App\Chain\Refusal;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Tie;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What the engine proposes is taken into the analyst's chain, or refused with a reason. */
final class ProposalController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly CaseAnalysis $analysis,
        private readonly EntityManagerInterface $entityManager,
        private readonly StoryTaker $taker,
        private readonly CurrentPerson $person,
    ) {
    }

    /** The whole story of a candidate, or one link of it. */
    #[Route('/cases/{number}/chain/take', name: 'chain_take', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function take(string $number, #[MapRequestPayload] ProposalInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $analysis = $this->analysis->analysisOf($case);
        $ties = '' !== $typed->link
            ? $this->ties($analysis, $typed->link)
            : $this->candidate($analysis, $typed->origin)->story ?? [];
        if ([] === $ties) {
            throw new ShopError('What the finds speak for has changed meanwhile. Load the page again.', 409);
        }
        $this->taker->take($case, $analysis->ground, $ties, $this->person->get());

        return $this->kept($case);
    }

    /** A link that did not happen here, or an origin that it was not; the reason stays with it. */
    #[Route('/cases/{number}/chain/refuse', name: 'chain_refuse', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function refuse(string $number, #[MapRequestPayload] RefusalInput $typed, Dispute $dispute): Response
    {
        $case = $this->gate->open($number, Permission::ANALYSE);
        $analysis = $this->analysis->analysisOf($case);
        $subject = $typed->subject;
        $spots = $analysis->ground->spots;
        $tie = $this->ties($analysis, $subject)[0] ?? null;
        $name = null !== $tie ? $spots[$tie->from]->name.' → '.$spots[$tie->to]->name : $this->candidate($analysis, $subject)->origin->name
            ?? throw new ShopError('What the finds speak for has changed meanwhile. Load the page again.', 409);
        $dispute->refuse($case, $subject, $name, $typed->reason, $this->person->get());

        return $this->kept($case);
    }

    #[Route('/cases/{number}/chain/refusals/{id}/remove', name: 'chain_unrefuse', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function unrefuse(string $number, Refusal $refusal): Response
    {
        $case = $this->mustBelong($number, $refusal);
        $this->entityManager->remove($refusal);

        return $this->kept($case);
    }

    private function kept(CaseFile $case): Response
    {
        $this->entityManager->flush();

        return $this->redirectToRoute('chain', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    private function mustBelong(string $number, Refusal $one): CaseFile
    {
        $case = $this->gate->open($number, Permission::ANALYSE);

        return $one->case === $case ? $case : throw $this->createNotFoundException();
    }

    private function candidate(Analysis $analysis, string $origin): ?Candidate
    {
        foreach ($analysis->candidates(20) as $one) {
            if ($one->origin->id() === $origin) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<Tie> the link of this key; none where there is no such link any more */
    private function ties(Analysis $analysis, string $key): array
    {
        return array_values(array_filter($analysis->ground->ties, static fn (Tie $tie): bool => $tie->key() === $key));
    }
}
