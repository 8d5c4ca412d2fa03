<?php

declare(strict_types=1);

namespace App\Claims;

use App\Claims\Form\ClaimType;
use App\Claims\Repository\ClaimPapersRepository;
use App\Intake\Frame\CasePages;

use function Symfony\Component\Clock\now;

use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Response;

/** The page of a claim. */
final readonly class ClaimPage
{
    public function __construct(
        private CasePages $pages,
        private Claims $claims,
        private FormFactoryInterface $forms,
        private ClaimPapersRepository $papers,
    ) {
    }

    /**
     * @param FormInterface<mixed>|null $form
     * @param array<string, string> $typed
     */
    public function show(Claim $claim, ?FormInterface $form = null, int $status = 200, array $typed = []): Response
    {
        $wrong = null;
        try {
            $sum = $this->claims->sum($claim);
        } catch (\DomainException $e) {
            [$sum, $wrong] = [null, $e->getMessage()];
        }

        return $this->pages->show($claim->case, 'claims/claim.html.twig', [
            'claim' => $claim,
            'for' => $this->claims->about($claim), 'judged' => $this->claims->judged($claim), 'sum' => $sum,
            'wrong' => $wrong, 'days' => $this->claims->deadlines($claim),
            'missing' => $this->claims->missing($claim), 'papers' => $this->papers->newestFirst($claim, 8),
            'parts' => $this->claims->parts($claim->case),
            'form' => ($form ?? $this->form($claim))->createView(), 'typed' => $typed, 'today' => now('today'),
        ], $status);
    }

    /** @return FormInterface<mixed> */
    public function form(Claim $claim): FormInterface
    {
        return $this->forms->createNamed('claim', ClaimType::class, $claim, ['judged' => $this->claims->judged($claim)]);
    }
}
