<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\Closure;
use App\Chain\Engine\Dispute;
use App\Chain\KeepInChain;
use App\Evidence\Finding;
use App\Figures\CaseFigures;
use App\Figures\FigureDesk;
use App\Figures\WearCheck;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Verdict\Signing;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Family\CarrierKind;

/**
 * What the analysts of the demo make of a unit: the chain, the figures that bear on it, what they dispute, and what both sign.
 *
 * @phpstan-import-type Row from DemoRows
 */
final readonly class DemoChain
{
    use DemoRows;

    public function __construct(
        private DemoHands $hands,
        private CaseChain $chains,
        private KeepInChain $keep,
        private FigureDesk $desk,
        private CaseFigures $figures,
        private WearCheck $wear,
        private Dispute $dispute,
        private Closure $closure,
        private Signing $signing,
    ) {
    }

    /**
     * @param Row $row
     * @param array<string, Finding> $findings
     *
     * @return array<string, ChainNode>
     */
    public function build(CaseFile $case, array $row, array $findings): array
    {
        $nodes = [];
        foreach (self::row($row, 'nodes') as $key => $one) {
            $one = (array) $one;
            $finding = $findings[self::word($one, 'finding')] ?? null;
            $complaint = isset($one['complaint']) ? $case->complaints->get((int) self::word($one, 'complaint')) : null;
            $nodes[$key] = $node = new ChainNode($case, match (true) {
                null !== $finding => NodeKind::Damage,
                null !== $complaint => NodeKind::Complaint,
                default => NodeKind::from(self::word($one, 'kind')),
            });
            null === $finding ?: $node->standFor($finding, $this->chains->findingName($finding));
            null === $complaint ?: $node->standForComplaint($complaint, $this->chains->complaintName($case, $complaint));
            unset($one['finding'], $one['complaint'], $one['kind']);
            self::fill($node, $one);
            ($this->keep)($this->hands->sound($node));
        }
        foreach (\is_array($row['links'] ?? null) ? $row['links'] : [] as $one) {
            /** @var array{string, string, string, string|null, string} $one */
            $link = new ChainLink($case);
            $link->tie($nodes[$one[0]], $nodes[$one[1]], $one[2], null === $one[3] ? null : CarrierKind::from($one[3]), $one[4]);
            ($this->keep)($this->hands->sound($link));
        }

        return $nodes;
    }

    /** @param Row $row with figures, theories and refusals */
    public function argue(CaseFile $case, array $row, User $who): void
    {
        foreach (self::rows($row, 'figures') as $one) {
            /** @var array{figure: string, part: string, typed?: array<string, string>, remark: string, claim?: string} $one */
            // The complaint check is asked with what the case itself knows.
            $asked = !isset($one['typed'])
                ? $this->wear->check($case)->asked ?? throw new \LogicException('This family has no leak paths.')
                : $this->desk->ask(
                    $this->desk->card($one['figure']) ?? throw new \LogicException("There is no figure {$one['figure']}."),
                    $one['typed'],
                );
            $this->figures->keep($case, $one['part'], $asked, $one['remark'], $who, $one['claim'] ?? '');
        }
        foreach (self::rows($row, 'theories') as $one) {
            /** @var array{words: string, means: string, stands?: bool, because?: string} $one */
            $theory = $this->dispute->claim($case, $one['words'], $one['means'], $who);
            $this->dispute->settle($theory, $one['stands'] ?? null, $one['because'] ?? '');
        }
        foreach (self::rows($row, 'refusals') as $one) {
            /** @var array{subject: string, name: string, reason: string} $one */
            $this->dispute->refuse($case, $one['subject'], $one['name'], $one['reason'], $who);
        }
    }

    /**
     * The analyst signs, and the second person reads it for the better part of an hour.
     *
     * @param Row $row
     * @param array<string, ChainNode> $nodes
     */
    public function sign(CaseFile $case, array $row, array $nodes, User $analyst, User $second): void
    {
        if ([] === $row) {
            return;
        }
        $reasons = self::row($row, 'despite');
        $verdict = $this->signing->current($case);
        $verdict->origin = $nodes[self::word($row, 'origin')] ?? null;
        unset($row['origin'], $row['despite']);
        self::fill($verdict, $row);
        $this->signing->keep($this->hands->sound($verdict));
        $problems = $this->closure->problemsOf($case);
        $by = [];
        foreach ($problems as $problem) {
            $by[$problem->key()] = self::word($reasons, $problem->rule->value);
        }
        if (0 !== $this->signing->leaveOpen($verdict, $by)) {
            $open = array_map(static fn ($problem): string => $problem->rule->value.': '.$problem->message, $problems);
            throw new \LogicException("Case {$case->number} of the demo is signed with open points: ".implode('; ', $open));
        }
        $this->signing->sign($verdict, $analyst);
        $this->hands->use($second, $this->hands->wait('40 minutes'));
        $this->signing->second($verdict, $second);
    }
}
