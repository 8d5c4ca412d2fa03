<?php

declare(strict_types=1);

namespace App\Exchange\Api;

use App\Evidence\Photo;
use App\Evidence\Repository\PhotoRepository;
use App\Evidence\WrittenMarks;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Report\Repository\ReportRepository;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

/** Photos and reports for programs to read. */
#[Route('/api/v1/cases/{number}')]
final readonly class ApiFilesController
{
    public function __construct(
        private CaseGate $gate,
        private PhotoRepository $photos,
        private StoredFiles $stored,
        private UrlGeneratorInterface $urls,
    ) {
    }

    #[Route('/photos', name: 'api_photos', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function photos(string $number): Response
    {
        $case = $this->gate->find($number);

        return ApiCasesController::json(['case' => $case->number, 'photos' => array_map(fn (Photo $one): array => [
            'id' => (string) $one->id, 'part' => $one->part, 'stage' => $one->stage->value, 'caption' => $one->caption,
            'taken' => $one->takenAt()?->format(\DATE_ATOM), 'by' => $one->byWhom, 'sha256' => $one->picture->hash,
            'type' => $one->picture->type, 'bytes' => $one->picture->bytes, 'width' => $one->picture->width,
            'height' => $one->picture->height,
            'original' => $this->urls->generate('api_photo', ['number' => $case->number, 'id' => $one->id]),
            'marks' => $this->urls->generate('api_marks', ['number' => $case->number, 'id' => $one->id]),
        ], $this->photos->byStage($case))]);
    }

    /** Byte for byte as it came. */
    #[Route('/photos/{id}/original', name: 'api_photo', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_PHOTOS)]
    public function photo(string $number, string $id): Response
    {
        $photo = $this->one($number, $id);

        $picture = $photo->picture;

        return $this->stored->send('photos', $picture->hash, $picture->type, $picture->hash.'.'.$picture->extension());
    }

    #[Route('/photos/{id}/marks', name: 'api_marks', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_CASES)]
    public function marks(string $number, string $id): Response
    {
        $response = ApiCasesController::json(WrittenMarks::page($this->one($number, $id)));
        $response->headers->set('Content-Type', 'application/ld+json; profile="http://www.w3.org/ns/anno.jsonld"');

        return $response;
    }

    #[Route('/report', name: 'api_report', methods: ['GET'])]
    #[IsGranted(ApiScope::READ_PAPERS)]
    public function report(string $number, ReportRepository $reports): Response
    {
        $case = $this->gate->find($number);
        $hash = $reports->lastReady($case)?->hash;
        if (null === $hash) {
            throw new ShopError('No report of this case is made yet.', 404);
        }

        return $this->stored->send('reports', $hash, 'application/pdf', $case->number.'-report.pdf');
    }

    private function one(string $number, string $id): Photo
    {
        $case = $this->gate->find($number);
        $photo = Uuid::isValid($id) ? $this->photos->find($id) : null;

        return null !== $photo && $photo->case === $case ? $photo : throw new ShopError('There is no such photo in this case.', 404);
    }
}
