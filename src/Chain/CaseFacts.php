<?php

declare(strict_types=1);

namespace App\Chain;

use App\Evidence\Finding;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Onset;
use App\Intake\Warmth;
use App\Measuring\CaseMeasures;
use App\Platform\BookShelf;
use App\Teardown\StripBench;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Facts;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Teardown\LookTime;

/** What a case says, for the engine: looks, complaints, readings; and how long a look at each part would take. */
final readonly class CaseFacts
{
    public function __construct(private EntityManagerInterface $em, private CaseMeasures $measures, private BookShelf $shelf, private StripBench $strip)
    {
    }

    public function of(CaseFile $case): Facts
    {
        $looks = [];
        foreach ($this->em->getRepository(Finding::class)->findBy(['case' => $case], ['id' => 'ASC']) as $finding) {
            $damage = FindingKind::Damage === $finding->kind;
            // Normal running is a look that found no damage; what we did, and what is an old scar, says nothing about the cause.
            if ($damage || FindingKind::Clean === $finding->kind || FindingKind::Normal === $finding->kind) {
                $looks[] = ['part' => $finding->part, 'surface' => $finding->surface, 'mode' => $damage ? $finding->mode : null, 'grade' => $damage ? $finding->grade : 0];
            }
        }
        $readings = [];
        foreach ($this->measures->of($case) as $part => $fields) {
            foreach ($fields as $one) {
                $assessment = $one->assessment();
                if (null !== $assessment) {
                    $readings[] = ['part' => $part, 'name' => $one->field->name, 'verdict' => $assessment->verdict];
                }
            }
        }
        $complaints = array_map(static fn (Complaint $complaint): array => ['key' => $complaint->what, 'hotOnly' => Warmth::Hot === $complaint->warmth, 'sudden' => null === $complaint->onset ? null : Onset::Sudden === $complaint->onset], $case->complaints->getValues());

        return new Facts($looks, $complaints, $readings, null !== $case->comebackOf);
    }

    /** @return array<string, float> part => minutes until it is looked at */
    public function minutes(CaseFile $case): array
    {
        $book = $this->shelf->book($case->family);

        return LookTime::minutes($book, $this->strip->run($case, $book)->partsOff());
    }
}
