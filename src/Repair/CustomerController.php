<?php

declare(strict_types=1);

namespace App\Repair;

use App\Books\BookShelf;
use App\Chain\ChainStory;
use App\Evidence\PictureSize;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\ShownPictures;
use App\Platform\ShopError;
use App\Platform\SignedLinks;
use App\Platform\StoredFiles;
use App\Repair\Form\AnswerInput;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What a customer sees by the link: what failed, their theory answered, the options. No log-in; the link is signed. */
final class CustomerController extends AbstractController
{
    public function __construct(
        private readonly Offers $offers,
        private readonly SignedLinks $links,
        private readonly PhotoRepository $photos,
        private readonly ChainStory $story,
        private readonly BookShelf $shelf,
    ) {
    }

    #[Route('/offer/{id}', name: 'customer', methods: ['GET'])]
    public function show(Offer $offer, Request $request): Response
    {
        $this->offers->opened($request->getRequestUri(), $offer);

        return $this->page($offer);
    }

    #[Route('/offer/{id}', name: 'customer_answer', methods: ['POST'])]
    public function answer(Offer $offer, Request $request, #[MapRequestPayload] AnswerInput $typed): Response
    {
        $this->offers->opened($request->getRequestUri(), $offer);
        try {
            if ('' === $typed->question) {
                $this->offers->answer($offer, $typed->choice, $typed->name, $typed->words);
            } else {
                $question = $offer->questions->filter(
                    static fn (OfferQuestion $one): bool => (string) $one->id === $typed->question
                )->first() ?: throw OfferError::noQuestion();
                $this->offers->reply($question, $typed->name, $typed->words);
            }
        } catch (OfferError $e) {
            return $this->page(
                $offer,
                $e->getMessage(),
                get_object_vars($typed),
            );
        }

        return $this->redirect($this->offers->link($offer).'#answered', Response::HTTP_SEE_OTHER);
    }

    #[Route('/offer/{id}/photo/{photo}', name: 'customer_photo', methods: ['GET'])]
    public function photo(Offer $offer, string $photo, Request $request, ShownPictures $shown): Response
    {
        $this->offers->opened($request->getRequestUri(), $offer);
        $found = \in_array($photo, $offer->photos, true) ? $this->photos->find($photo) : null;
        if (null === $found) {
            throw new ShopError('This picture does not go with the offer.', 404);
        }

        $stream = $shown->open($found->picture->hash, PictureSize::Screen);

        return new StreamedResponse(static function () use ($stream): void {
            fpassthru($stream);
            fclose($stream);
        }, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }

    #[Route('/offer/{id}/offer.pdf', name: 'customer_pdf', methods: ['GET'])]
    public function pdf(Offer $offer, Request $request, StoredFiles $stored): Response
    {
        $this->offers->opened($request->getRequestUri(), $offer);
        if (null === $offer->pdf) {
            throw new ShopError('The PDF is not made yet. Try again in a minute.', 404);
        }

        return $stored->send('offers', $offer->pdf, 'application/pdf', $offer->case->number.'-offer.pdf');
    }

    /** @param array<string, string> $typed */
    private function page(Offer $offer, string $wrong = '', array $typed = []): Response
    {
        $end = $offer->validUntil->modify('+1 day');
        $photos = [];
        foreach ($offer->photos as $id) {
            $photo = $this->photos->find($id);
            if (null !== $photo) {
                $photos[] = [
                    'photo' => $photo,
                    'source' => $this->links->to('customer_photo', ['id' => $offer->id, 'photo' => $id], $end),
                ];
            }
        }
        $case = $offer->case;
        $response = $this->render('repair/customer.html.twig', [
            // What is not signed may still change, and is not shown to a customer.
            'path' => $case->isSigned() ? $this->story->tell($case) : [],
            'book' => $this->shelf->book($case->family, $case->is()),
            'offer' => $offer, 'case' => $case, 'photos' => $photos, 'link' => $this->offers->link($offer),
            'pdf' => null === $offer->pdf
                ? ''
                : $this->links->to('customer_pdf', ['id' => $offer->id], $end),
            'open' => $offer->isOpen(now()), 'wrong' => $wrong, 'typed' => $typed,
        ], new Response(status: '' === $wrong ? 200 : 422));
        $response->headers->set('X-Robots-Tag', 'noindex');
        $response->headers->set('Referrer-Policy', 'no-referrer');

        return $response;
    }
}
