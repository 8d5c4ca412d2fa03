<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Account\CurrentPerson;
use App\Chain\Exchange\CaseDocument;
use App\Evidence\Repository\FindingRepository;
use App\Intake\CaseGate;
use App\Measuring\ReadingsTable;
use App\Memory\Ask\AskedPage;
use App\Memory\Ask\AskSort;
use App\Memory\Ask\CaseTable;
use App\Platform\Plain;
use App\Platform\ShopError;
use App\Platform\Words;
use App\Verdict\Signing;
use App\Verdict\Snapshot;
use Japhrex\Core\Chain\Exchange\JsonForm;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Cases for programs to read; docs/formats/openapi.yaml says what each answer holds. */
#[Route('/api/v1')]
final readonly class ApiCasesController
{
    public function __construct(private CaseGate $gate)
    {
    }

    #[Route('/openapi.yaml', name: 'api_description', methods: ['GET'])]
    public function description(
        #[Autowire('%kernel.project_dir%/docs/formats/openapi.yaml')] string $file,
    ): Response {
        return new BinaryFileResponse($file, headers: ['Content-Type' => 'application/yaml']);
    }

    #[Route('/cases', name: 'api_cases', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function cases(Request $request, AskedPage $page, CaseTable $table, CurrentPerson $person): Response
    {
        $asked = $page->ask(
            Words::of($request->query->getString('q'), 500),
            $request->query->getEnum('sort', AskSort::class, AskSort::Newest),
            max(1, $request->query->getInt('page', 1)),
            $person->actor()->person(),
            false,
        );
        if (null !== $asked->error) {
            throw new ShopError($asked->error->getMessage(), 422);
        }

        return self::json([
            'asked' => $asked->line, 'count' => $asked->count, 'page' => $asked->page, 'pages' => $asked->pages,
            'cases' => array_map($table->row(...), $asked->rows),
        ]);
    }

    /** The document of a case: as it was signed, or of an open one as it stands. */
    #[Route('/cases/{number}', name: 'api_case', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function one(string $number, Signing $signing, Snapshot $snapshot): Response
    {
        $case = $this->gate->find($number);
        $verdict = $signing->current($case);

        return self::json([
            'number' => $case->number,
            'signed' => !$verdict->isSigned() ? null : [
                'revision' => $verdict->revision, 'digest' => $verdict->snapshotHash, 'at' => $verdict->secondAt?->format(\DATE_ATOM),
                'by' => [$verdict->signedAs, $verdict->secondAs],
            ],
            'document' => $verdict->snapshot() ?? $snapshot->take($case, $verdict),
        ]);
    }

    #[Route('/cases/{number}/readings', name: 'api_readings', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function readings(string $number, ReadingsTable $readings): Response
    {
        $case = $this->gate->find($number);

        return self::json(['case' => $case->number, 'readings' => $readings->rows($case)]);
    }

    #[Route('/cases/{number}/findings', name: 'api_findings', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function findings(string $number, FindingRepository $findings): Response
    {
        $case = $this->gate->find($number);

        return self::json(['case' => $case->number, 'findings' => Plain::all($findings->ofCase($case))]);
    }

    #[Route('/cases/{number}/chain', name: 'api_chain', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function chain(string $number, CaseDocument $chains): Response
    {
        return JsonResponse::fromJsonString(JsonForm::write($chains->write($this->gate->find($number))));
    }

    /** @param array<string, mixed> $content */
    public static function json(array $content): JsonResponse
    {
        $response = new JsonResponse($content);
        $response->setEncodingOptions(\JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION);

        return $response;
    }
}
