<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\OurShop;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Account\User;
use App\Books\BookShelf;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\Closure;
use App\Evidence\Finding;
use App\Evidence\PartRecord;
use App\Evidence\Repository\PartRecordRepository;
use App\Intake\CaseFile;
use App\Intake\CaseNumbers;
use App\Intake\Complaint;
use App\Intake\Stage;
use App\Intake\Statement;
use App\Measuring\BoundParts;
use App\Measuring\Gauge;
use App\Measuring\GaugeKind;
use App\Measuring\Reading;
use App\Report\MakeReport;
use App\Report\Report;
use App\Teardown\StepRecord;
use App\Verdict\Signing;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Chain\NodeKind;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Count;
use Japhrex\Core\Family\Method;
use Japhrex\Core\Family\StripStep;
use Japhrex\Core\Teardown\FastenerCondition;
use Japhrex\Core\Teardown\StepState;

use function Symfony\Component\Clock\now;

use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Yaml\Yaml;

/**
 * Fills an empty database with the demo shop of `demo/shop.yaml`, through the same services that people use.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class DemoShop
{
    use DemoRows;

    public const PASSWORD = 'ostrey-quay';

    /** @var array<string, User> */
    private array $people = [];

    /** @var array<string, Gauge> */
    private array $gauges = [];

    /** @var array<string, CaseFile> */
    private array $cases = [];

    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly CaseNumbers $numbers,
        private readonly OurShop $shop,
        private readonly BookShelf $shelf,
        private readonly DemoPhotos $photos,
        private readonly Signing $signing,
        private readonly Closure $closure,
        private readonly MessageBusInterface $bus,
        private readonly string $projectDir,
        private readonly DemoClaims $claims,
        private readonly DemoWarranties $warranties,
        private readonly DemoRepairs $repairs,
        private readonly BoundParts $bound,
        private readonly UserRepository $persons,
        private readonly PartRecordRepository $records,
    ) {
    }

    public function isNeeded(): bool
    {
        return 0 === $this->persons->count();
    }

    public function load(): void
    {
        /**
         * @var array{
         *     shop: array{name: string, address: string, numbering: string},
         *     people: list<array{username: string, name: string, role: string}>,
         *     gauges: list<array{
         *         name: string, method: string, kind: string, rangeFrom: string, rangeTo: string, bench?: string,
         *         resolution: string, expanded: string, calibrated: int, due: int,
         *     }>,
         *     stands: list<array{name: string, expanded: array<string, string>}>, policies: list<string>, cases: list<Row>,
         * } $shop
         */
        $shop = Yaml::parseFile($this->projectDir.'/demo/shop.yaml');
        $ours = $this->shop->settings();
        [$ours->name, $ours->address, $ours->numbering] = [$shop['shop']['name'], $shop['shop']['address'], $shop['shop']['numbering']];
        foreach ($shop['people'] as $row) {
            $person = new User($row['username'], $row['name'], Role::from($row['role']));
            $person->password = $this->hasher->hashPassword($person, self::PASSWORD);
            $this->entityManager->persist($this->people[$row['username']] = $person);
        }
        foreach ($shop['gauges'] as $row) {
            $gauge = new Gauge(
                $row['name'],
                Method::from($row['method']),
                $row['resolution'],
                $row['expanded'],
                new \DateTimeImmutable('@'.$row['calibrated']),
            );
            [$gauge->kind, $gauge->rangeFrom, $gauge->rangeTo, $gauge->bench] = [
                GaugeKind::from($row['kind']),
                $row['rangeFrom'],
                $row['rangeTo'],
                $row['bench'] ?? '',
            ];
            $gauge->calibrationDue = new \DateTimeImmutable('@'.$row['due']);
            $this->entityManager->persist($this->gauges[$row['name']] = $gauge);
        }
        $this->warranties->policies($shop['policies'], $this->people['analyst']->name);
        $this->repairs->prices($this->people['desk']->name);
        $this->repairs->stands($shop['stands']);
        $this->entityManager->flush();
        foreach ($shop['cases'] as $row) {
            $this->case($row);
        }
    }

    /** @param Row $row */
    private function case(array $row): void
    {
        $case = new CaseFile($this->numbers->next(), self::word($row, 'family') ?: 'external-gear-pump');
        $this->cases[self::word($row, 'ref')] = $case;
        $day = now('-'.self::word($row, 'days-ago').' days -90 minutes');
        $case->madeAt = $day;
        self::fill($case, self::row($row, 'unit'));
        $case->settle();
        $case->holder = $this->people[self::word($row, 'holder')];
        $case->comebackOf = $this->cases[self::word($row, 'comeback-of')] ?? null;
        if (null !== $case->arrival) {
            self::fill($case->arrival, self::row($row, 'arrival'));
        }
        $this->entityManager->persist($case);
        $complaints = [];
        foreach (self::rows($row, 'complaints') as $one) {
            self::fill($complaints[] = $complaint = new Complaint($case), $one);
            $this->entityManager->persist($complaint);
            $case->complaints->add($complaint);
        }
        $said = [];
        foreach (self::rows($row, 'statements') as $one) {
            $said[] = $statement = new Statement($case);
            $statement->contradicts = $said[$one['against'] ?? -1] ?? null;
            unset($one['against']);
            self::fill($statement, $one);
            $this->entityManager->persist($statement);
        }
        $this->bench($case, $row, $day->modify('+1 hour'));
        $this->entityManager->flush();
        $this->photos->add($case, self::rows($row, 'photos'), $this->people['bench']->name);
        $this->photos->addClips($case, self::rows($row, 'clips'), $this->people['bench']->name);
        $findings = $this->findings($case, $row, $day->modify('+2 hours'));
        $nodes = $this->chain($case, $row, $findings, $complaints);
        $this->warranties->facts($case, self::row($row, 'warranty'));
        $this->warranties->custody($case, self::rows($row, 'custody'), $this->people['bench']->name);
        $this->claims->add(
            $case,
            self::rows($row, 'figures'),
            self::rows($row, 'theories'),
            self::rows($row, 'refusals'),
            $this->people['analyst']->name,
        );
        $case->stage = Stage::Signed === Stage::from(self::word($row, 'stage')) ? Stage::Verdict : Stage::from(self::word($row, 'stage'));
        $this->entityManager->flush();
        $this->verdict($case, self::row($row, 'verdict'), $nodes);
        $this->warranties->claim($case, self::row($row, 'claim'), $this->people['desk']->name);
        $this->repairs->offer($case, self::row($row, 'offer'), $this->people['desk']->name);
        $this->repairs->build($case, self::row($row, 'build'), $this->people['bench']->name);
        $this->entityManager->flush();
        $this->repairs->signWork($case, $this->people['bench']);
    }

    /** @param Row $row */
    private function bench(CaseFile $case, array $row, \DateTimeImmutable $at): void
    {
        foreach (self::row($row, 'steps') + (isset($row['finished']) ? $this->otherSteps($case) : []) as $key => $step) {
            $record = new StepRecord($case, (string) $key);
            self::fill($record, (array) $step + ['state' => StepState::Done->value]);
            $record->byWhom = $this->people['bench']->name;
            $record->at = $record->madeAt = $at = $at->modify('+7 minutes');
            $this->entityManager->persist($record);
        }
        foreach (self::row($row, 'parts') as $key => $part) {
            $part = (array) $part;
            $part['dispositionReason'] = $part['reason'] ?? '';
            unset($part['reason']);
            self::fill($record = new PartRecord($case, $key), $part);
            $this->entityManager->persist($record);
        }
        foreach (self::row($row, 'readings') as $key => $one) {
            $one = (array) $one;
            [$part, $field] = explode('/', $key);
            $reading = new Reading($case, $part, $field);
            $reading->typed = array_values(array_map(strval(...), array_filter((array) $one['typed'], is_scalar(...))));
            $places = $this->shelf->book($case->family)->part($part)->fields[$field]->places ?? [];
            $reading->places = \count($places) === \count($reading->typed) ? $places : [];
            $reading->takenWith($this->gauges[self::word($one, 'gauge')] ?? null);
            $reading->zero = self::word($one, 'zero');
            $reading->byWhom = $this->people['bench']->name;
            $reading->at = $at = $at->modify('+2 minutes');
            $this->entityManager->persist($reading);
        }
    }

    /** @return array<string, Row> every step of the book as it goes when nothing is wrong */
    private function otherSteps(CaseFile $case): array
    {
        return array_map(static fn (StripStep $step): array => [
            'counted' => array_combine(
                array_map(static fn (Count $one): string => $one->what, $step->counts),
                array_map(static fn (Count $one): int => $one->count, $step->counts),
            ),
            'facing' => [] === $step->facing ? '' : 'Right.',
            'marked' => '' !== $step->mark,
            'fasteners' => $step->fasteners ? FastenerCondition::AsItShould->value : null,
        ], $this->shelf->book($case->family)->strip);
    }

    /**
     * @param Row $row
     *
     * @return array<string, Finding>
     */
    private function findings(CaseFile $case, array $row, \DateTimeImmutable $at): array
    {
        $findings = [];
        foreach (self::row($row, 'findings') as $key => $one) {
            $one = (array) $one;
            $finding = new Finding($case, self::word($one, 'part'));
            unset($one['part']);
            self::fill($finding, $one);
            $finding->byWhom = $this->people['bench']->name;
            $finding->madeAt = $at = $at->modify('+1 minute');
            $this->entityManager->persist($findings[$key] = $finding);
        }

        $seen = array_map(static fn (Finding $finding): string => $finding->part, $findings);
        foreach (isset($row['finished']) ? array_diff(array_keys($this->shelf->book($case->family)->parts), $seen) : [] as $part) {
            $finding = new Finding($case, $part);
            [$finding->kind, $finding->byWhom, $finding->madeAt] = [FindingKind::Clean, $this->people['bench']->name, $at];
            $this->entityManager->persist($finding);
        }

        return $findings;
    }

    /**
     * @param Row $row
     * @param array<string, Finding> $findings
     * @param list<Complaint> $complaints
     *
     * @return array<string, ChainNode>
     */
    private function chain(CaseFile $case, array $row, array $findings, array $complaints): array
    {
        $book = $this->shelf->book($case->family);
        $nodes = [];
        foreach (self::row($row, 'nodes') as $key => $one) {
            $one = (array) $one;
            $finding = $findings[self::word($one, 'finding')] ?? null;
            $complaint = isset($one['complaint']) ? $complaints[(int) self::word($one, 'complaint')] : null;
            $node = new ChainNode(
                $case,
                null !== $finding
                    ? NodeKind::Damage
                    : (null !== $complaint ? NodeKind::Complaint : NodeKind::from(self::word($one, 'kind'))),
            );
            unset($one['finding'], $one['complaint'], $one['kind']);
            self::fill($node, $one);
            $node->finding = $finding;
            $node->complaint = $complaint;
            $node->place ??= $finding?->place();
            $node->byWhom = $this->people['analyst']->name;
            if ('' === $node->name) {
                $node->name = null !== $finding
                    ? ($this->shelf->modes()->get($finding->mode)->name ?? 'Damage').', '.lcfirst($book->placeName($finding->place()))
                    : $book->complaints[$complaint->what ?? '']->name ?? '';
            }
            $this->entityManager->persist($nodes[$key] = $node);
        }
        foreach (\is_array($row['links'] ?? null) ? $row['links'] : [] as $one) {
            /** @var array{string, string, string, string|null, string} $one */
            $link = new ChainLink($case);
            [$link->from, $link->to, $link->mechanism] = [$nodes[$one[0]], $nodes[$one[1]], $one[2]];
            $link->carrier = null === $one[3] ? null : \Japhrex\Core\Family\CarrierKind::from($one[3]);
            $link->why = $one[4];
            $link->byWhom = $this->people['analyst']->name;
            $this->entityManager->persist($link);
        }

        return $nodes;
    }

    /**
     * @param Row $row
     * @param array<string, ChainNode> $nodes
     */
    private function verdict(CaseFile $case, array $row, array $nodes): void
    {
        if ([] === $row) {
            return;
        }
        $this->reasons($case);
        $verdict = $this->signing->current($case);
        $verdict->origin = $nodes[self::word($row, 'origin')] ?? null;
        $verdict->despite = $this->despite($case, self::row($row, 'despite'));
        unset($row['origin'], $row['despite']);
        self::fill($verdict, $row);
        $this->signing->sign($verdict, $this->people['analyst']);
        $this->signing->second($verdict, $this->people['second']);
        $report = new Report($case, $verdict, $this->people['analyst']->name);
        $this->entityManager->persist($report);
        $this->entityManager->flush();
        $this->bus->dispatch(new MakeReport($report->id));
    }

    /** Why parts go back in although a limit speaks against it: the reasons are given for what the limits ask. */
    private function reasons(CaseFile $case): void
    {
        $bound = $this->bound->boundOf($case);
        foreach ($this->records->ofCase($case) as $record) {
            $record->reasoned($record->despite, $bound[$record->part], $this->people['analyst']->name);
        }
        $this->entityManager->flush();
    }

    /**
     * What the chain leaves open, each with its reason: the demo signs as people have to.
     *
     * @param Row $reasons by rule
     *
     * @return list<array{point: string, reason: string}>
     */
    private function despite(CaseFile $case, array $reasons): array
    {
        $despite = $open = [];
        foreach ($this->closure->problemsOf($case) as $problem) {
            $reason = self::word($reasons, $problem->rule->value);
            if ('' !== $reason) {
                $despite[] = ['point' => $problem->message, 'reason' => $reason];
            } elseif (!$problem->rule->isOnlyProvisional()) {
                $open[] = $problem->rule->value.': '.$problem->message;
            }
        }

        return [] === $open
            ? $despite
            : throw new \LogicException(
                \sprintf('Case %s of the demo is signed with open points: %s', $case->number, implode('; ', $open))
            );
    }
}
