<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Platform\ShopError;
use App\Platform\StoredFiles;
use App\Proof\Live\LiveStand;
use App\Proof\Live\TestStand;
use App\Proof\Repository\TestStandRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\ProofEntry;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

use function Symfony\Component\Clock\now;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The proof on the stand or in the machine, and the return to service. It goes on after the case is signed. */
final class ProofController extends AbstractController
{
    /** Largest recording, bytes. */
    private const LARGEST = 12_000_000;

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly ProofDesk $desk,
        private readonly Stand $recordings,
        private readonly LiveStand $live,
        private readonly CurrentPerson $person,
        private readonly TestStandRepository $stands,
    ) {
    }

    #[Route('/cases/{number}/proof', name: 'proof', methods: ['GET'])]
    public function show(string $number): Response
    {
        return $this->page($this->gate->find($number));
    }

    #[Route(
        '/cases/{number}/proof/{key}',
        name: 'proof_item',
        requirements: ['key' => 'direction|(book|complaint)-\d+'],
        methods: ['POST'],
    )]
    #[IsGranted(Permission::BENCH)]
    #[IsCsrfTokenValid('act')]
    public function item(string $number, string $key, Request $request): Response
    {
        $case = $this->gate->find($number);
        $typed = [
            'key' => $key,
            'words' => self::text($request, 'words', 2000),
            'read' => $request->request->all('read'),
            'speed' => $request->request->all('speed'),
            'stand' => self::text($request, 'stand', 80),
        ];
        try {
            $record = $this->desk->entry(
                $case,
                $key,
                (string) $request->request->get('outcome', ''),
                $typed,
                $this->stand($typed['stand']),
                $this->person->get()->name,
            );
        } catch (\DomainException $e) {
            return $this->page($case, ['refused' => $e->getMessage()] + $typed);
        }
        $this->em->persist($record);
        $this->em->flush();

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => $key], Response::HTTP_SEE_OTHER);
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
                $this->person->get()->name,
                $this->stand(self::text($request, 'stand', 80)),
            );
        } catch (\DomainException $e) {
            throw new ShopError(\sprintf('%s was not taken. %s', $file->getClientOriginalName(), $e->getMessage()), 422);
        }

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'recordings'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/recordings/{id}.csv', name: 'recording_file', methods: ['GET'])]
    public function asItCame(StandRecording $recording, StoredFiles $stored): Response
    {
        return $stored->send('recordings', $recording->hash, 'text/csv; charset=utf-8', $recording->name, true);
    }

    #[Route('/cases/{number}/handover', name: 'handover_save', methods: ['POST'])]
    #[IsGranted(Permission::CLAIM)]
    #[IsCsrfTokenValid('act')]
    public function handover(string $number, Request $request): Response
    {
        $case = $this->gate->find($number);
        $handover = $this->desk->handover($case) ?? $this->desk->draft($case);
        $typed = (string) $request->request->get('watch', '');
        $watch = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        $open = array_filter($this->desk->sheet($case), static fn (array $row): bool => ProofEntry::PASSED !== $row['outcome']);
        $despite = self::text($request, 'despite', 1000);
        [$handover->checks, $handover->stop, $handover->byWhom] = [
            self::text($request, 'check', 4000),
            self::text($request, 'stop', 4000),
            $this->person->get()->name,
        ];
        $handover->watch = false === $watch ? null : $watch;
        try {
            if ('' !== $typed && false === $watch) {
                throw new \DomainException('On which day does somebody ask how it runs? Such as 2026-03-01.');
            }
            ProofEntry::goesOut($handover->checks, $handover->stop, \count($open), $despite);
        } catch (\DomainException $e) {
            if ($this->em->contains($handover)) {
                $this->em->detach($handover);
            }

            return $this->page($case, ['key' => 'handover', 'refused' => $e->getMessage(), 'despite' => $despite], $handover);
        }
        $handover->despite = $despite;
        $handover->goneAt ??= now();
        $this->em->persist($handover);
        $this->em->flush();

        return $this->redirectToRoute('proof', ['number' => $case->number, '_fragment' => 'handover'], Response::HTTP_SEE_OTHER);
    }

    private static function text(Request $request, string $name, int $most): string
    {
        return mb_substr(trim((string) $request->request->get($name, '')), 0, $most);
    }

    private function stand(string $name): ?TestStand
    {
        return '' === $name ? null : $this->stands->named($name);
    }

    /** @param array<string, mixed> $typed */
    private function page(CaseFile $case, array $typed = [], ?Handover $handover = null): Response
    {
        $known = $this->desk->handover($case);
        $run = $this->live->of($case);

        return $this->render(
            'proof/proof.html.twig',
            [
                'case' => $case,
                'book' => $this->shelf->book($case->family),
                'sheet' => $this->desk->sheet($case),
                'recordings' => $this->recordings->of($case),
                'known' => $known,
                'handover' => $handover ?? $known ?? $this->desk->draft($case),
                'typed' => $typed,
                'stands' => $this->live->stands(),
                'run' => $run,
                'trace' => null === $run ? null : $this->live->trace($run),
                'now' => now(),
            ],
            new Response(status: [] === $typed ? 200 : 422),
        );
    }
}
