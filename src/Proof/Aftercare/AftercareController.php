<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Evidence\NotAPicture;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Proof\Aftercare\Form\UserAnswerInput;
use App\Proof\Aftercare\Repository\UserAnswerRepository;
use App\Proof\Handover;
use Japhrex\Core\Proof\ProofError;
use Japhrex\Core\Proof\UserSays;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What the user of a unit reads and answers by his link. */
final class AftercareController extends AbstractController
{
    public function __construct(
        private readonly AftercareLink $link,
        private readonly AftercareText $text,
        private readonly UserAnswerRepository $answers,
    ) {
    }

    #[Route('/aftercare/{id}', name: 'aftercare', methods: ['GET'])]
    public function show(Handover $handover, Request $request): Response
    {
        $this->link->opened($request->getRequestUri());

        return $this->page($handover, new UserAnswerInput());
    }

    #[Route('/aftercare/{id}', name: 'aftercare_answer', methods: ['POST'])]
    public function answer(
        Handover $handover,
        Request $request,
        #[MapRequestPayload] UserAnswerInput $typed,
        Aftercare $aftercare,
    ): Response {
        $this->link->opened($request->getRequestUri());
        $file = $request->files->get('photo');
        try {
            $aftercare->answer($handover, $typed, $file instanceof UploadedFile ? $file : null);
        } catch (ProofError|NotAPicture $error) {
            return $this->page($handover, $typed, $error->getMessage());
        }

        return $this->redirect($this->link->of($handover).'#answered', Response::HTTP_SEE_OTHER);
    }

    #[Route('/aftercare/{id}/handover.pdf', name: 'aftercare_pdf', methods: ['GET'])]
    public function pdf(Handover $handover, Request $request, StoredFiles $stored): Response
    {
        $this->link->opened($request->getRequestUri());
        if (null === $handover->pdf) {
            throw new ShopError('The PDF is not made yet. Try again in a minute.', 404);
        }

        return $stored->send('handovers', $handover->pdf, 'application/pdf', $handover->case->number.'-handover.pdf');
    }

    private function page(Handover $handover, UserAnswerInput $typed, string $wrong = ''): Response
    {
        $response = $this->render('proof/aftercare/user.html.twig', $this->text->of($handover) + [
            'link' => $this->link->of($handover),
            'pdf' => null === $handover->pdf ? '' : $this->link->of($handover, 'aftercare_pdf'),
            'answers' => $this->answers->ofCase($handover->case),
            'states' => UserSays::cases(),
            'typed' => $typed,
            'wrong' => $wrong,
        ], new Response(status: '' === $wrong ? 200 : 422));
        $response->headers->set('X-Robots-Tag', 'noindex');
        $response->headers->set('Referrer-Policy', 'no-referrer');

        return $response;
    }
}
