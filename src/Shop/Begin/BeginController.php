<?php

declare(strict_types=1);

namespace App\Shop\Begin;

use App\Account\OurShop;
use App\Account\People\ChosenPassword;
use App\Account\People\PasswordError;
use App\Shop\SettingsType;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The first page of an empty shop. */
final class BeginController extends AbstractController
{
    public function __construct(
        private readonly BeginShop $begin,
        private readonly OurShop $shop,
        private readonly ChosenPassword $chosen,
        private readonly EntityManagerInterface $entityManager,
    ) {
    }

    #[Route('/begin', name: 'begin', methods: ['GET', 'POST'])]
    public function begin(Request $request): Response
    {
        $this->begin->mustBe($request->query->getString('key'));
        $form = $this->createFormBuilder(options: ['attr' => ['hx-boost' => 'false']])
            ->add('shop', SettingsType::class, ['data' => $this->shop->settings(), 'isNew' => true, 'label' => false])
            ->add('analyst', FirstAnalystType::class, ['data' => $typed = new FirstAnalyst(), 'label' => false])
            ->getForm();
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                $this->chosen->enter($this->begin->begin($typed));

                return $this->redirectToRoute('floor', status: Response::HTTP_SEE_OTHER);
            } catch (PasswordError $wrong) {
                $form->get('analyst')->get('password')->get('first')->addError(new FormError($wrong->getMessage()));
            }
        }
        if ($form->isSubmitted()) {
            // What did not hold is shown in its field, and nowhere else.
            $this->entityManager->detach($this->shop->settings());
            $this->shop->reset();
        }

        return $this->render('shop/begin.html.twig', [
            'form' => $form,
            'zones' => \DateTimeZone::listIdentifiers(),
        ], new Response(status: $form->isSubmitted() ? 422 : 200));
    }
}
