<?php

declare(strict_types=1);

namespace App\Account\People;

use App\Account\CurrentPerson;
use App\Account\Form\PersonInShopType;
use App\Account\OurShop;
use App\Account\Permission;
use App\Account\Repository\SecondFactorRepository;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Account\User;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who works here, and who may sign in. */
#[IsGranted(Permission::LET_IN)]
final class PeopleController extends AbstractController
{
    public function __construct(
        private readonly UserRepository $people,
        private readonly SecondFactorRepository $factors,
        private readonly ChangePeople $change,
        private readonly HandLink $links,
        private readonly CurrentPerson $me,
        private readonly OurShop $shop,
    ) {
    }

    #[Route('/people', name: 'people', methods: ['GET', 'POST'])]
    public function people(Request $request): Response
    {
        $person = new User('', '', Role::Bench, $this->shop->units());
        $form = $this->createForm(PersonInShopType::class, $person);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                $this->change->add($person, $this->me->get());
                $token = $this->links->give($person, $this->me->get());
                $this->addFlash(null === $token ? 'kept' : 'link', $token ?? "The link went to {$person->mail}.");

                return $this->redirectToRoute('person', ['id' => $person->id], Response::HTTP_SEE_OTHER);
            } catch (ShopError $taken) {
                $form->get('username')->addError(new FormError($taken->getMessage()));
            }
        }

        return $this->render('account/people.html.twig', [
            'form' => $form,
            'people' => $this->people->byName(),
            'coded' => $this->factors->holders(),
        ], new Response(status: $form->isSubmitted() ? 422 : 200));
    }
}
