<?php

declare(strict_types=1);

namespace App\Memory\Batch;

use App\Account\CurrentPerson;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\OurShop;
use App\Account\Permission;
use App\Platform\Letters;
use App\Platform\PdfTool;
use App\Platform\ShopError;
use App\Platform\WorkFolder;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A batch is called back: a letter for each owner of a unit that is out there with it, on paper or by mail. */
#[IsGranted(Permission::CLAIM)]
final class CallBackController extends AbstractController
{
    public function __construct(private readonly BatchUnits $units, private readonly OurShop $shop)
    {
    }

    #[Route('/batches-letters', name: 'batch_letters', methods: ['GET'])]
    public function letters(Request $request, PdfTool $pdf): Response
    {
        $mark = trim($request->query->getString('mark'));
        $owners = $this->units->byOwner($mark);
        if ([] === $owners) {
            throw $this->createNotFoundException('No unit with this batch is out there.');
        }
        $html = $this->renderView('memory/letters.html.twig', [
            'owners' => $owners, 'mark' => $mark, 'ours' => $this->shop->settings(), 'why' => trim($request->query->getString('why')),
        ]);
        $made = '';
        WorkFolder::during(static function (string $folder) use ($pdf, $html, &$made): void {
            $pdf->make($html, $folder, $folder.'/letters.pdf');
            $made = (string) file_get_contents($folder.'/letters.pdf');
        });

        return new Response($made, 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => HeaderUtils::makeDisposition('inline', 'letters.pdf'),
        ]);
    }

    /** The same letter by mail, to the address that somebody types: the shop keeps none of its customers. */
    #[Route('/batches-letters', name: 'batch_mail', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function mail(Request $request, Letters $letters, SecurityLog $log, CurrentPerson $person): Response
    {
        $sent = $request->request;
        [$mark, $owner, $to] = [trim($sent->getString('mark')), $sent->getString('owner'), trim($sent->getString('to'))];
        $units = $this->units->byOwner($mark)[$owner] ?? throw new ShopError('No unit of theirs with this batch is out there.', 404);
        if (false === filter_var($to, \FILTER_VALIDATE_EMAIL)) {
            throw new ShopError(\sprintf('“%s” is no address of mail, such as quay@harbour.example.', mb_substr($to, 0, 80)), 422);
        }
        $text = $this->renderView('memory/letter.txt.twig', [
            'owner' => $owner, 'units' => $units, 'why' => trim($sent->getString('why')), 'ours' => $this->shop->settings(),
        ]);
        if (!$letters->send($to, 'Parts that we fitted are called back', $text)) {
            throw new ShopError('The mail server did not take it. Print the letter, and look at the log of the program.', 503);
        }
        $log->note(SecurityEvent::TakenOut, $person->get(), \sprintf('call-back of batch %s to %s', $mark, $to));
        $this->addFlash('kept', \sprintf('The letter to %s went to %s.', $owner, $to));

        return $this->redirectToRoute('batch', ['mark' => $mark], Response::HTTP_SEE_OTHER);
    }
}
