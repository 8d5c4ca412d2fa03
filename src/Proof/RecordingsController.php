<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Proof\Live\TestStand;
use App\Proof\Repository\TestStandRepository;
use Japhrex\Core\Proof\RecordingError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Recordings of a stand that come as a file. */
final class RecordingsController extends AbstractController
{
    /** Largest recording, bytes. */
    private const LARGEST = 12_000_000;

    public function __construct(
        private readonly CaseGate $gate,
        private readonly Stand $recordings,
        private readonly CurrentPerson $person,
        private readonly TestStandRepository $stands,
    ) {
    }

    #[Route('/cases/{number}/recordings', name: 'recording_take', methods: ['POST'])]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function take(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $file = $request->files->get('recording');
        if (!$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::LARGEST) {
            throw new ShopError(
                \sprintf('Choose a recording as CSV, of at most %d MB. Two hours at 10 Hz are about 3 MB.', self::LARGEST / 1_000_000),
                422,
            );
        }
        try {
            $this->recordings->take(
                $case,
                $file->getPathname(),
                $file->getClientOriginalName(),
                $this->person->get(),
                $this->stand(self::text($request, 'stand', 80)),
            );
        } catch (RecordingError $e) {
            throw new ShopError(\sprintf('%s was not taken. %s', $file->getClientOriginalName(), $e->getMessage()), 422);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'recordings'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/recordings/{id}.csv', name: 'recording_file', methods: ['GET'])]
    public function asItCame(StandRecording $recording, StoredFiles $stored): Response
    {
        return $stored->send('recordings', $recording->hash, 'text/csv; charset=utf-8', $recording->name, true);
    }

    private static function text(Request $request, string $name, int $most): string
    {
        return mb_substr(trim((string) $request->request->get($name, '')), 0, $most);
    }

    private function stand(string $name): ?TestStand
    {
        return '' === $name ? null : $this->stands->named($name);
    }
}
