<?php

declare(strict_types=1);

namespace App\Account\Code;

use App\Account\CurrentPerson;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\OurShop;
use App\Account\People\Passwords;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A person's own second factor: begun with a code that shows that the telephone has the key, ended with the password. */
#[Route('/me/code')]
final class CodeController extends AbstractController
{
    private const KEY = '_new_code_key';

    public function __construct(
        private readonly SecondFactors $factors,
        private readonly CurrentPerson $me,
        private readonly OurShop $shop,
        private readonly Passwords $passwords,
        private readonly SecurityLog $log,
    ) {
    }

    /** The key is drawn when one asks for it, and kept only with a code made from it. */
    #[Route('/new', name: 'code_new', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function draw(Request $request): Response
    {
        if (!$this->passwords->is($this->me->get(), $request->request->getString('password'))) {
            $this->addFlash('refused', 'That is not your password.');

            return $this->redirectToRoute('me', ['_fragment' => 'code'], Response::HTTP_SEE_OTHER);
        }
        $request->getSession()->set(self::KEY, base64_encode(TimeCode::newKey()));

        return $this->redirectToRoute('code', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('', name: 'code', methods: ['GET'])]
    public function show(Request $request): Response
    {
        $key = $this->key($request);

        return null === $key ? $this->redirectToRoute('me') : $this->page($key);
    }

    #[Route('', name: 'code_begin', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function begin(Request $request): Response
    {
        $key = $this->key($request);
        if (null === $key) {
            return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
        }
        if (!$this->factors->begin($this->me->get(), $key, $request->request->getString('code'))) {
            return $this->page(
                $key,
                'That is not the code of this minute. Look whether the clock of the telephone is right, and type the next one.',
            );
        }
        $request->getSession()->remove(self::KEY);
        $this->log->note(SecurityEvent::SecondFactor, $this->me->get(), 'begun');
        $this->addFlash('kept', 'From now on you sign in with your password and a code.');

        return $this->redirectToRoute('me', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/end', name: 'code_end', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function end(Request $request): Response
    {
        if ($this->passwords->is($this->me->get(), $request->request->getString('password'))) {
            $this->factors->end($this->me->get());
            $this->log->note(SecurityEvent::SecondFactor, $this->me->get(), 'ended by themselves');
            $this->addFlash('kept', 'You sign in with your password alone again.');
        } else {
            $this->addFlash('refused', 'Nothing is changed: that is not your password.');
        }

        return $this->redirectToRoute('me', ['_fragment' => 'code'], Response::HTTP_SEE_OTHER);
    }

    private function key(Request $request): ?string
    {
        $kept = $request->getSession()->get(self::KEY);

        return \is_string($kept) ? (string) base64_decode($kept, true) : null;
    }

    private function page(string $key, string $wrong = ''): Response
    {
        return $this->render('account/code.html.twig', [
            'address' => TimeCode::address($key, $this->shop->name(), $this->me->get()->username),
            'typed' => trim(chunk_split(TimeCode::typed($key), 4, ' ')),
            'wrong' => $wrong,
        ], new Response(status: '' === $wrong ? 200 : 422));
    }
}
