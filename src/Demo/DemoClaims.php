<?php

declare(strict_types=1);

namespace App\Demo;

use App\Chain\Refusal;
use App\Chain\Theory;
use App\Figures\CaseFigures;
use App\Figures\FigureDesk;
use App\Figures\WearCheck;
use App\Intake\CaseFile;
use Doctrine\ORM\EntityManagerInterface;

/** What people of the demo think it was, what was refused, and the figures that bear on it. */
final readonly class DemoClaims
{
    public function __construct(
        private EntityManagerInterface $entityManager,
        private FigureDesk $desk,
        private CaseFigures $figures,
        private WearCheck $wear,
    ) {
    }

    /**
     * @param list<array<string, mixed>> $kept figures with their part, what was typed and a remark
     * @param list<array<string, mixed>> $theories
     * @param list<array<string, mixed>> $refusals
     */
    public function add(CaseFile $case, array $kept, array $theories, array $refusals, string $who): void
    {
        foreach ($kept as $one) {
            /** @var array{figure: string, part: string, typed?: array<string, string>, remark: string} $one */
            // The complaint check is asked with what the case itself knows.
            $asked = !isset($one['typed'])
                ? $this->wear->check($case)->asked ?? throw new \LogicException('This family has no leak paths.')
                : $this->desk->ask(
                    $this->desk->card($one['figure']) ?? throw new \LogicException("There is no figure {$one['figure']}."),
                    $one['typed'],
                );
            $this->figures->keep($case, $one['part'], $asked, $one['remark'], $who);
        }
        foreach ($theories as $one) {
            /** @var array{words: string, means: string, stands?: bool, because?: string} $one */
            $theory = new Theory($case, $one['words'], $one['means'], $who);
            [$theory->stands, $theory->because] = [$one['stands'] ?? null, $one['because'] ?? ''];
            $this->entityManager->persist($theory);
        }
        foreach ($refusals as $one) {
            /** @var array{subject: string, name: string, reason: string} $one */
            $this->entityManager->persist(new Refusal($case, $one['subject'], $one['name'], $one['reason'], $who));
        }
    }
}
