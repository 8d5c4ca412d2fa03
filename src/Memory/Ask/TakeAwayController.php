<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\User;
use App\Memory\Repository\AskRepository;
use App\Platform\ShopError;
use Japhrex\Core\Memory\Ask\AskError;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedJsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What was found, as a file. */
final readonly class TakeAwayController
{
    public function __construct(private AskedPage $page, private AskRepository $memory, private CaseTable $table)
    {
    }

    #[Route('/cases.{format<csv|json|xlsx>}', name: 'cases_file', methods: ['GET'])]
    public function file(string $format, Request $request, #[CurrentUser] User $who): Response
    {
        $sort = AskSort::tryFrom($request->query->getString('sort')) ?? AskSort::Newest;
        try {
            $sql = $this->page->sql($request->query->getString('q'), $who);
        } catch (AskError $error) {
            throw new ShopError($error->getMessage(), 422, $error);
        }
        $cases = $this->memory->each($sql, $sort);
        $headers = ['Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'cases.'.$format)];

        return match ($format) {
            'csv' => new StreamedResponse(function () use ($cases): void {
                foreach ($this->table->csv($cases) as $line) {
                    echo $line;
                }
            }, 200, $headers + ['Content-Type' => 'text/csv; charset=utf-8']),
            'json' => new StreamedJsonResponse(
                ['asked' => $request->query->getString('q'), 'cases' => $this->rows($cases)], 200, $headers,
            ),
            default => $this->table->makesSheets()
                ? new Response($this->table->sheet($cases), 200, $headers + [
                    'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
                ])
                : throw new ShopError('This machine makes no spreadsheets; take the CSV, which every one of them opens.', 404),
        };
    }

    /**
     * @param iterable<CaseRow> $cases
     *
     * @return \Generator<int, array<string, mixed>>
     */
    private function rows(iterable $cases): \Generator
    {
        foreach ($cases as $case) {
            yield $this->table->row($case);
        }
    }
}
