<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\Code\SecondFactors;
use App\Account\CurrentPerson;
use App\Account\Form\PersonInShopType;
use App\Account\Permission;
use App\Account\Repository\SignedInRepository;
use App\Account\User;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** One of the people: what they do here, how they get in, and where they are. */
#[Route('/people/{id}')]
#[IsGranted(Permission::LET_IN)]
final class PersonPageController extends AbstractController
{
    public function __construct(
        private readonly ChangePeople $change,
        private readonly HandLink $links,
        private readonly SecondFactors $factors,
        private readonly SignedInRepository $signedIn,
        private readonly CurrentPerson $me,
    ) {
    }

    #[Route('', name: 'person', methods: ['GET', 'POST'])]
    public function person(User $person, Request $request): Response
    {
        $was = $person->role;
        $form = $this->createForm(PersonInShopType::class, $person, ['isNew' => false]);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                $this->change->change($person, $was, $this->me->get());
                $this->addFlash('kept', 'Kept. What was signed before stays under the name of then.');

                return $this->back($person);
            } catch (ShopError $refused) {
                $form->get('role')->addError(new FormError($refused->getMessage()));
            }
        }

        return $this->render('account/person.html.twig', [
            'form' => $form,
            'person' => $person,
            'hasCode' => $this->factors->has($person),
            'sessions' => $this->signedIn->open($person, now()),
            'days' => PasswordLinks::DAYS,
        ], new Response(status: $form->isSubmitted() ? 422 : 200));
    }

    #[Route('/link', name: 'person_link', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function link(User $person): RedirectResponse
    {
        if (!$person->mayEnter()) {
            throw new ShopError("{$person->name} is shut out. Let them in again first.", 422);
        }
        $token = $this->links->give($person, $this->me->get());
        $this->addFlash(null === $token ? 'kept' : 'link', $token ?? "The link went to {$person->mail}.");

        return $this->back($person);
    }

    #[Route('/out', name: 'person_out', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function out(User $person): RedirectResponse
    {
        $this->change->disable($person, $this->me->get());

        return $this->back($person);
    }

    #[Route('/in', name: 'person_in', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function in(User $person): RedirectResponse
    {
        $this->change->enable($person, $this->me->get());

        return $this->back($person);
    }

    #[Route('/code/end', name: 'person_code_end', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function endCode(User $person): RedirectResponse
    {
        $this->change->endSecondFactor($person, $this->me->get());

        return $this->back($person);
    }

    private function back(User $person): RedirectResponse
    {
        return $this->redirectToRoute('person', ['id' => $person->id], Response::HTTP_SEE_OTHER);
    }
}
