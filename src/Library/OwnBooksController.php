<?php

declare(strict_types=1);

namespace App\Library;

use App\Account\Permission;
use App\Books\BookDesk;
use App\Books\BookShelf;
use App\Books\TextFault;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Writing a book of one's own, and taking any book out as the file that it is. */
final class OwnBooksController extends AbstractController
{
    /** A book of 70 parts takes about 100 kB. */
    private const LARGEST = 1_000_000;

    public function __construct(private readonly BookShelf $shelf)
    {
    }

    #[Route('/books/write', name: 'write_book', methods: ['GET'])]
    #[IsGranted(Permission::ANALYSE)]
    public function write(Request $request): Response
    {
        $from = (string) $request->query->get('from', '');
        $text = '' === $from ? '' : $this->shelf->text($from);
        if ('' !== $from && !str_starts_with($from, BookShelf::OWN)) {
            $text = (string) preg_replace('/^book: /m', 'book: '.BookShelf::OWN, $text, 1);
        }

        return $this->page($text);
    }

    #[Route('/books/write', name: 'take_book', methods: ['POST'])]
    #[IsGranted(Permission::ANALYSE)]
    #[IsCsrfTokenValid('act')]
    public function take(Request $request, BookDesk $desk): Response
    {
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile
            ? (string) file_get_contents($file->getPathname())
            : (string) $request->request->get('text', '');
        if (\strlen($text) > self::LARGEST || !mb_check_encoding($text, 'UTF-8')) {
            throw new ShopError('A book is a text file in UTF-8 of at most 1 MB.', 422);
        }
        $problems = $desk->take($text);
        if ([] !== $problems) {
            return $this->page($text, $problems);
        }
        $this->addFlash('kept', 'The book is on the shelf.');

        return $this->redirectToRoute('library', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/books/{key}.yaml', name: 'book_file', methods: ['GET'])]
    public function text(string $key): Response
    {
        return new Response(
            $this->shelf->text($key),
            headers: [
                'Content-Type' => 'application/yaml; charset=UTF-8',
                'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $key.'.yaml'),
            ],
        );
    }

    /** @param list<TextFault> $problems */
    private function page(string $text, array $problems = []): Response
    {
        return $this->render(
            'library/write.html.twig',
            ['text' => $text, 'problems' => $problems, 'books' => $this->shelf->all()],
            new Response(status: [] === $problems ? 200 : 422),
        );
    }
}
