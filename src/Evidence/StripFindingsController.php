<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Form\HurtInput;
use App\Evidence\Form\MissingInput;
use App\Intake\CaseFile;
use App\Intake\CaseGate;
use App\Intake\Stage;
use App\Platform\ShopError;
use App\Teardown\Repository\StepRecordRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\Shortage;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What is found on the spot while stripping: damage made by us, and small parts that are not there. */
final class StripFindingsController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly CurrentPerson $person,
        private readonly RecordFinding $record,
        private readonly StepRecordRepository $steps,
    ) {
    }

    #[Route('/cases/{number}/strip/{step}/made-by-us', name: 'strip_made_by_us', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function madeByUs(string $number, string $step, #[MapRequestPayload] HurtInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $this->step($case, $step);
        $part = $this->shelf->book($case->family, $case->is())->part($typed->part) ?? throw new ShopError('Which part was hurt?', 422);
        if ('' === $typed->note) {
            throw new ShopError('What was done to it? A mark that is named now is not argued about later.', 422);
        }
        $finding = new Finding($case, $part->key);
        $finding->sawOurOwn($typed->note);
        ($this->record)($finding, $this->person->get(), Stage::Strip);

        return $this->redirectToRoute('strip', ['number' => $case->number, 'step' => $step], Response::HTTP_SEE_OTHER);
    }

    /**
     * A small part that is not found went somewhere: what it is, where it can have gone, and whether that is inside. Only what
     * may be inside is debris, and nobody has seen what it did yet.
     */
    #[Route('/cases/{number}/strip/{step}/missing', name: 'strip_missing', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function missing(string $number, string $step, #[MapRequestPayload] MissingInput $typed): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        $known = $this->step($case, $step);
        [$what, $where, $inside] = [$typed->what, $typed->where, $typed->inside];
        $record = $this->steps->ofStep($case, $step);
        null === $record && throw new ShopError('Nothing was counted at this step yet.', 404);
        foreach (Shortage::at($known, $record->counted) as $short) {
            if ($short->what === $what && !\in_array($what, $record->searched, true)) {
                $part = $known->removes[0] ?? throw new ShopError('This step takes no part off.', 422);
                $outside = \sprintf('%s Outside the unit%s.', $short->sentence(), '' === $where ? '' : ': '.rtrim($where, '.'));
                $record->searchedFor($what, 'no' === $inside ? $outside : '');
                if ('no' === $inside) {
                    $this->entityManager->flush();

                    return $this->redirectToRoute('strip', ['number' => $case->number, 'step' => $step], Response::HTTP_SEE_OTHER);
                }
                $gone = \sprintf(
                    '%s Searched for and not found. %s%s',
                    $short->sentence(),
                    'yes' === $inside ? 'It is inside' : 'Whether it is inside nobody knows',
                    '' === $where ? '.' : '; it can have gone: '.rtrim($where, '.').'.',
                );
                $finding = new Finding($case, $part);
                $finding->sawDamage('debris', 'yes' === $inside ? 2 : 1, $gone);
                ($this->record)($finding, $this->person->get(), Stage::Strip);

                return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part], Response::HTTP_SEE_OTHER);
            }
        }
        throw new ShopError('Nothing of that name is missing at this step.', 404);
    }

    private function step(CaseFile $case, string $step): StripStep
    {
        return $this->shelf->book($case->family, $case->is())->strip[$step] ?? throw new ShopError('The book has no such strip step.', 404);
    }
}
