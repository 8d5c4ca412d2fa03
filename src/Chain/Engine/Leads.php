<?php

declare(strict_types=1);

namespace App\Chain\Engine;

use App\Chain\Lead;
use App\Chain\Repository\LeadRepository;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\Ground\Analysis;
use Japhrex\Core\Chain\Ground\Candidate;
use Japhrex\Core\Chain\Ground\Shortlist;

/** Which candidate led, since when, and what overturned the one before it: an earlier belief stays with its time. */
final readonly class Leads
{
    public function __construct(private EntityManagerInterface $entityManager, private LeadRepository $leads)
    {
    }

    /** @return list<Lead> the earliest first */
    public function ofCase(CaseFile $case): array
    {
        return $this->leads->ofCase($case);
    }

    /** Writes down who leads now, if that is another one than before. */
    public function note(CaseFile $case, Analysis $analysis): void
    {
        $candidates = $analysis->candidates(1);
        if ($case->isSigned() || Shortlist::isUndetermined($candidates)) {
            return;
        }
        $leads = $this->ofCase($case);
        $last = [] === $leads ? null : $leads[\count($leads) - 1];
        if ($candidates[0]->origin->id() === $last?->spot) {
            return;
        }
        $this->entityManager->persist(
            new Lead(
                $case,
                $candidates[0]->origin->id(),
                mb_substr($candidates[0]->origin->name, 0, 200),
                $candidates[0]->posterior,
                self::because($analysis, $candidates[0], $last),
                array_keys($analysis->ground->seen),
            )
        );
        $this->entityManager->flush();
    }

    /** The heaviest of what was seen since, in words. */
    private static function because(Analysis $analysis, Candidate $leader, ?Lead $last): string
    {
        foreach ($leader->for as $finding => $bans) {
            if (null === $last || !\in_array($finding, $last->seen, true)) {
                return $analysis->ground->spots[$finding]->name.', '.$analysis->ground->seen[$finding]->said;
            }
        }
        foreach (array_diff(array_keys($analysis->ground->seen), $last->seen ?? []) as $finding) {
            return $analysis->ground->spots[$finding]->name.', '.$analysis->ground->seen[$finding]->said;
        }

        return 'something was taken back or changed';
    }
}
