<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\LookInput;
use App\Evidence\Form\UploadInput;
use App\Intake\CaseGate;
use App\Intake\Frame\CasePages;
use App\Platform\ShopError;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Damage\DebrisKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The phone beside the unit: its code at the bench, and its page, which may add pictures, looks and readings and nothing else. */
final class PhoneController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly PhonePasses $passes,
        private readonly BookShelf $shelf,
        private readonly string $phoneAddress,
    ) {
    }

    #[Route('/cases/{number}/phone', name: 'phone', methods: ['GET', 'POST'])]
    public function code(string $number, Request $request, CaseGate $gate, CurrentPerson $person, CasePages $pages): Response
    {
        $case = $request->isMethod('POST') ? $gate->open($number, Permission::PHOTOGRAPH) : $gate->find($number);
        $link = null;
        $address = $this->phoneAddress ?: $request->getSchemeAndHttpHost();
        if ($request->isMethod('POST')) {
            if (!$this->isCsrfTokenValid('act', (string) $request->request->get('_token'))) {
                throw $this->createAccessDeniedException();
            }
            $part = (string) $request->request->get('part', '');
            $link = rtrim($address, '/').$this->generateUrl(
                'phone_page',
                ['token' => $this->passes->make($case, $person->get())] + ('' === $part ? [] : ['part' => $part]),
            );
        }

        return $pages->show($case, 'evidence/phone_code.html.twig', [
            'link' => $link,
            'part' => $this->shelf->book($case->family, $case->is())->part(
                (string) ($request->request->get('part') ?? $request->query->get('part', ''))
            ),
            'passes' => $this->passes->holdingNow($case),
            'alone' => \in_array(parse_url($address, \PHP_URL_HOST), ['127.0.0.1', 'localhost', '[::1]'], true),
        ]);
    }

    #[Route('/cases/{number}/phone/{id}/revoke', name: 'phone_revoke', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function revoke(string $number, PhonePass $pass, CaseGate $gate): Response
    {
        $case = $gate->open($number, Permission::PHOTOGRAPH);
        if ($pass->case !== $case) {
            throw $this->createNotFoundException();
        }
        $pass->revoke();
        $this->entityManager->flush();

        return $this->redirectToRoute('phone', ['number' => $case->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/phone/{token}', name: 'phone_page', methods: ['GET'])]
    public function page(string $token, Request $request, #[CurrentUser] PhoneHolder $phone, PhoneViews $views): Response
    {
        return $this->render('evidence/phone.html.twig', [
            'token' => $token,
            'view' => $views->of($phone->pass->case, (string) $request->query->get('part', '')),
            'find' => trim((string) $request->query->get('find', '')),
            'modes' => $this->shelf->modes(),
            'debris' => DebrisKind::cases(),
            'said' => (string) $request->query->get('said', ''),
        ]);
    }

    #[Route('/phone/{token}/pictures/{id}.jpg', name: 'phone_picture', methods: ['GET'])]
    public function picture(
        string $token,
        Photo $photo,
        Request $request,
        #[CurrentUser] PhoneHolder $phone,
        PictureResponse $pictures,
    ): Response {
        return $photo->case === $phone->pass->case
            ? $pictures->of($photo->picture, PictureSize::Thumb, $request)
            : throw $this->createNotFoundException();
    }

    #[Route('/phone/{token}/photos', name: 'phone_photo', methods: ['POST'])]
    public function photo(
        string $token,
        Request $request,
        #[MapRequestPayload] UploadInput $typed,
        #[CurrentUser] PhoneHolder $phone,
        Arrivals $arrivals,
        PartialUploads $partial,
    ): Response {
        $pass = $phone->pass;
        $part = $this->shelf->book($pass->case->family, $pass->case->is())->part($typed->part)?->key;
        $stage = $typed->stage();
        $stage = null === $part && PhotoStage::Arrival !== $stage ? PhotoStage::Unsorted : $stage;
        try {
            if ('' !== $typed->upload) {
                $one = $arrivals->take(
                    $partial->whole($typed->upload, $typed->bytes),
                    $typed->name,
                    $pass->case,
                    $part,
                    $stage,
                );
                $partial->drop($typed->upload);
            } else {
                $file = $request->files->all('photos')[0] ?? null;
                $one = $file instanceof UploadedFile
                    ? $arrivals->upload($file, $pass->case, $part, $stage)
                    : throw new ShopError('No photo or clip came with this.', 422);
            }
        } catch (NotAPicture $error) {
            return new JsonResponse(['error' => $error->getMessage()], 422);
        }
        $hints = $one instanceof Photo ? $one->hints : [];
        if (\in_array('application/json', $request->getAcceptableContentTypes(), true)) {
            return new JsonResponse(['taken' => [(string) $one->id], 'refused' => [], 'hints' => $hints], 201);
        }

        return $this->back($token, $part, implode(' ', $hints) ?: 'Stored.');
    }

    #[Route('/phone/{token}/look', name: 'phone_look', methods: ['POST'])]
    public function look(
        string $token,
        #[MapRequestPayload] LookInput $typed,
        #[CurrentUser] PhoneHolder $phone,
        RecordFinding $record,
    ): Response {
        $pass = $phone->pass;
        $part = $this->shelf->book($pass->case->family, $pass->case->is())->part($typed->part)
            ?? throw new ShopError('Which part was looked at?', 422);
        if ($typed->grade < 0 || $typed->grade > 4) {
            throw new ShopError('A grade is from 0 to 4.', 422);
        }
        $mode = $this->shelf->modes()->get($typed->mode)?->key;
        if ($typed->grade > 0 && null === $mode) {
            throw new ShopError('What kind of damage is it?', 422);
        }
        $finding = new Finding($pass->case, $part->key);
        $surface = isset($part->surfaces[$typed->surface]) ? $typed->surface : null;
        if (0 === $typed->grade || null === $mode) {
            $finding->lookedClean($surface);
            $finding->remark($typed->note);
        } else {
            $finding->sawDamage($mode, $typed->grade, $typed->note, $surface);
            $finding->tellMadeOf(DebrisKind::of(array_values($typed->made)));
        }
        $record($finding, $phone);

        return $this->back($token, $part->key, 'Look kept.');
    }

    private function back(string $token, ?string $part, string $said): Response
    {
        return $this->redirectToRoute(
            'phone_page',
            array_filter(['token' => $token, 'part' => $part, 'said' => mb_substr($said, 0, 200)]),
            Response::HTTP_SEE_OTHER,
        );
    }
}
