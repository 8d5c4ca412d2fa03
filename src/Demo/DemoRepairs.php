<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\User;
use App\Books\BookShelf;
use App\Intake\CaseFile;
use App\Proof\Form\StandInput;
use App\Proof\Live\KeepStand;
use App\Proof\ProofDesk;
use App\Proof\Repository\TestStandRepository;
use App\Proof\Stand;
use App\Repair\Build\DoStep;
use App\Repair\Build\Form\StepInput;
use App\Repair\KitPiece;
use App\Repair\RepairDesk;
use App\Repair\TickKit;
use App\Report\Work\SignWork;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\Position;
use Japhrex\Core\Family\PositionIs;
use Japhrex\Core\Proof\ProofEntry;
use Japhrex\Core\Repair\Build\BuildError;
use Japhrex\Core\Repair\Build\BuildKind;
use Japhrex\Core\Repair\Build\BuildSheet;
use Japhrex\Core\Repair\Build\BuildStep;
use Japhrex\Core\Repair\Build\FacingAsked;
use Japhrex\Core\Repair\KitCheck;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The builds of the demo, how they were proved, and what stands beside the bench for that. */
final readonly class DemoRepairs
{
    public function __construct(
        private DemoHands $hands,
        private BookShelf $shelf,
        private RepairDesk $desk,
        private ProofDesk $proofs,
        private Stand $stand,
        private TickKit $tick,
        private SignWork $sign,
        private DoStep $do,
        private KeepStand $keepStand,
        private string $projectDir,
        private TestStandRepository $stands,
        private EntityManagerInterface $entityManager,
    ) {
    }

    /** @param list<array{name: string, expanded: array<string, string>}> $rows */
    public function stands(array $rows): void
    {
        foreach ($rows as $row) {
            ($this->keepStand)(null, new StandInput($row['name'], ...$row['expanded']));
        }
    }

    /**
     * The pieces of a kit without a sheet.
     *
     * @param list<array<string, mixed>> $rows
     */
    public function layOut(CaseFile $case, array $rows, User $who): void
    {
        foreach ($rows as $row) {
            /** @var array{kit: string, piece: string, count: int, used?: int, why?: string} $row */
            $piece = new KitPiece($case, $row['kit'], $row['piece'], $row['count'], $who);
            [$piece->used, $piece->why] = [$row['used'] ?? null, $row['why'] ?? ''];
            $this->entityManager->persist($piece);
        }
        $this->entityManager->flush();
    }

    /**
     * The build, signed up to the first play, which is in hand, or to its end; then it is proved and goes out.
     *
     * @param array<string, mixed> $row
     */
    public function build(CaseFile $case, array $row, User $who): void
    {
        if ([] === $row) {
            return;
        }
        /**
         * @var array{
         *     days: int, with: string, done?: bool, run?: string, proof?: array<string, string|list<string>>, missed?: list<string>,
         *     despite?: string, checks?: string, watch?: int,
         * } $row
         */
        $this->hands->use($who, new \DateTimeImmutable("-{$row['days']} days"));
        foreach (BuildSheet::of($this->shelf->book($case->family, $case->is()), $case->is()) as $step) {
            if (BuildKind::Play === $step->kind && !isset($row['done'])) {
                return;
            }
            $this->hands->wait('6 minutes');
            $this->step($case, $step, $row['with'], $who);
        }
        foreach ($this->desk->plan($case)->bought() as $part) {
            ($this->tick)($case, $part, KitCheck::USED, '', $who);
        }
        $stand = $this->stands->byName()[0] ?? null;
        foreach ($this->proofs->sheet($case) as $one) {
            $key = $one->item->complaint ? 'complaint' : substr($one->item->key, \strlen('book-'));
            $said = (array) ($row['proof'][$key] ?? 'as expected');
            $typed = [
                'words' => (string) array_shift($said),
                'read' => array_map(static fn (string $one): string => explode(' at ', $one)[0], $said),
                'speed' => array_map(static fn (string $one): string => explode(' at ', $one)[1] ?? '', $said),
            ];
            if ($one->item->minutes > 0) {
                $this->hands->wait('3 minutes');
                $this->proofs->entry($case, $one->item->key, ProofEntry::BEGUN, ['words' => '', 'read' => [], 'speed' => []], $stand, $who);
            }
            $this->hands->wait(($one->item->minutes + 12).' minutes');
            $outcome = \in_array($key, $row['missed'] ?? [], true) ? ProofEntry::MISSED : ProofEntry::PASSED;
            $this->proofs->entry($case, $one->item->key, $outcome, $typed, $stand, $who);
        }
        if (isset($row['run'])) {
            $this->stand->take($case, $this->projectDir.'/demo/runs/'.$row['run'], $row['run'], $who, $stand);
        }
        $handover = $this->proofs->draft($case);
        $watch = new \DateTimeImmutable(\sprintf('today %+d days', -($row['watch'] ?? 30)));
        $handover->tell(trim($handover->checks."\n".($row['checks'] ?? '')), $handover->stop, $watch);
        $this->proofs->goOut($handover, $row['despite'] ?? '', $who);
        ($this->sign)($case, $who);
    }

    /** Everything as the book wants it; where a picture is asked for, the one of this step as it was fitted. */
    private function step(CaseFile $case, BuildStep $step, string $with, User $who): void
    {
        $play = null === $step->window ? '' : \sprintf('%.3f mm', 500 * ($step->window->low + $step->window->high));
        $said = new StepInput(
            counts: array_column(array_map(static fn (Count $one): array => [$one->what, (string) $one->count], $step->counts), 1, 0),
            facings: array_map(static fn (FacingAsked $one): string => $one->part, $step->facings),
            mates: array_map(strval(...), array_keys($step->mates)),
            rounds: array_map(strval(...), range(1, $step->rounds)),
            cleaned: array_keys(BuildError::CLEAN),
            withWhom: $step->two ? $with : '',
            readings: $play,
            torque: BuildKind::Torque === $step->kind ? \sprintf('%.1f N·m', array_sum($step->torqueBand(0.0)) / 2) : '',
            turns: 'even',
            done: 'yes',
            lengths: array_map(strval(...), array_keys($step->screws->places ?? [])),
            applies: 'no',
            laid: array_map(strval(...), array_keys($step->act->laid ?? [])),
            fresh: 'yes',
            position: (string) array_key_first(array_filter(
                $step->set->positions ?? [],
                static fn (Position $one): bool => PositionIs::Right === $one->is,
            )),
        );
        $name = \sprintf('fitted-%s-%s.jpg', $case->family, substr($step->key, \strlen('fit-')));
        $picture = $step->asksForAPhoto() ? new UploadedFile($this->projectDir.'/demo/photos/'.$name, $name, test: true) : null;
        $done = ($this->do)($case, $step->key, $said, $picture, $who);
        if ($done->stopped) {
            throw new \LogicException($step->title.' of the demo: '.implode(' ', $done->says));
        }
    }
}
