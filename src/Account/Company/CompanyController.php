<?php

declare(strict_types=1);

namespace App\Account\Company;

use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\People\ChosenPassword;
use Psr\Log\LoggerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** To the company's identity provider and back. */
final class CompanyController extends AbstractController
{
    public function __construct(
        private readonly CompanySettings $settings,
        private readonly CompanyDoor $door,
        private readonly ChosenPassword $chosen,
        private readonly SecurityLog $log,
        private readonly LoggerInterface $logger,
    ) {
    }

    #[Route('/login/company', name: 'company', methods: ['GET'])]
    public function begin(Request $request): Response
    {
        if (!$this->settings->isThere()) {
            throw $this->createNotFoundException();
        }
        try {
            return $this->redirect($this->door->begin());
        } catch (CompanyError $error) {
            return $this->refused($request, $error);
        }
    }

    #[Route('/login/company/back', name: 'company_back', methods: ['GET'])]
    public function back(Request $request): Response
    {
        if (!$this->settings->isThere()) {
            throw $this->createNotFoundException();
        }
        try {
            $this->chosen->enter($this->door->who($request->query->getString('code'), $request->query->getString('state')));

            return $this->redirectToRoute('floor');
        } catch (CompanyError $error) {
            return $this->refused($request, $error);
        }
    }

    private function refused(Request $request, CompanyError $error): Response
    {
        $this->logger->warning('Company log-in: '.$error->getMessage().' '.$error->getPrevious()?->getMessage());
        $this->log->note(SecurityEvent::Refused, null, 'by the company: '.$error->getMessage());
        $request->getSession()->set(
            SecurityRequestAttributes::AUTHENTICATION_ERROR,
            new CustomUserMessageAuthenticationException($error->getMessage()),
        );

        return $this->redirectToRoute('login');
    }
}
