<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Code\SecondFactors;
use App\Account\Company\CompanySettings;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\LogIn\SecondStep;
use App\Account\LogIn\TooManyGuesses;
use App\Account\People\ChosenPassword;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;
use Symfony\Component\Security\Http\Util\TargetPathTrait;

final class LoginController extends AbstractController
{
    use TargetPathTrait;

    public function __construct(
        private readonly OurShop $shop,
        private readonly SecondStep $second,
        private readonly SecondFactors $factors,
        private readonly ChosenPassword $chosen,
        private readonly SecurityLog $log,
        private readonly CompanySettings $company,
    ) {
    }

    #[Route('/login', name: 'login', methods: ['GET', 'POST'])]
    public function login(AuthenticationUtils $authentication): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('floor');
        }
        if (!$this->shop->hasBegun()) {
            return $this->redirectToRoute('begin');
        }

        return $this->render('account/login.html.twig', [
            'error' => $authentication->getLastAuthenticationError(),
            'username' => $authentication->getLastUsername(),
            'company' => $this->company->isThere() ? $this->company->called() : '',
        ]);
    }

    #[Route('/login/code', name: 'login_code', methods: ['GET'])]
    public function code(): Response
    {
        return null === $this->second->whoseCode() ? $this->redirectToRoute('login') : $this->page();
    }

    #[Route('/login/code', name: 'login_code_send', methods: ['POST'])]
    #[IsCsrfTokenValid('code')]
    public function take(Request $request): Response
    {
        $person = $this->second->whoseCode();
        if (null === $person) {
            return $this->redirectToRoute('login', status: Response::HTTP_SEE_OTHER);
        }
        try {
            if (!$this->factors->takes($person, $request->request->getString('code'))) {
                $this->log->note(SecurityEvent::Refused, $person, 'a wrong code after the right password');

                return $this->page('That is not the code of this minute. Each is taken once; wait for the next one.');
            }
        } catch (TooManyGuesses $enough) {
            $this->log->note(SecurityEvent::Closed, $person, 'wrong codes after the right password');

            return $this->page($enough->getMessageKey());
        }
        $this->second->isDone();
        $this->chosen->enter($person);
        $session = $request->getSession();
        $target = $this->getTargetPath($session, 'main');
        $this->removeTargetPath($session, 'main');

        return null === $target ? $this->redirectToRoute('floor', status: 303) : $this->redirect($target, 303);
    }

    private function page(string $wrong = ''): Response
    {
        return $this->render('account/login_code.html.twig', ['wrong' => $wrong], new Response(status: '' === $wrong ? 200 : 422));
    }
}
