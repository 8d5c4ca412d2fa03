<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\OurShop;
use App\Account\Repository\UserRepository;
use App\Account\Role;
use App\Account\ShopKind;
use App\Account\User;
use App\Demo\Years\DemoYears;
use App\Intake\Attempt;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\EarlierWork;
use App\Intake\Statement;
use App\Intake\TakeIn;
use App\Measuring\Gauge;
use App\Measuring\GaugeKind;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Method;

use function Symfony\Component\Clock\now;

use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Yaml\Yaml;

/**
 * Fills an empty database with the demo shop of `demo/shop.yaml`, by the same actions through which people write, each on its day
 * and by its hand.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class DemoShop
{
    use DemoRows;

    public const PASSWORD = 'ostrey-quay';

    /** So many closed cases of earlier years. */
    private const EARLIER = 240;

    public function __construct(
        private readonly EntityManagerInterface $entityManager,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly UserRepository $persons,
        private readonly OurShop $shop,
        private readonly TakeIn $takeIn,
        private readonly DemoHands $hands,
        private readonly DemoBench $bench,
        private readonly DemoIdentity $identity,
        private readonly DemoJudgements $judgements,
        private readonly DemoLaboratory $laboratory,
        private readonly DemoPhotos $photos,
        private readonly DemoChain $chain,
        private readonly DemoWarranties $warranties,
        private readonly DemoOffers $offers,
        private readonly DemoRepairs $repairs,
        private readonly DemoYears $years,
        private readonly string $projectDir,
    ) {
    }

    public function isNeeded(): bool
    {
        return 0 === $this->persons->count() && ShopKind::Shop !== $this->shop->settings()->kind;
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
        $ours->kind = ShopKind::Demo;
        foreach ($shop['people'] as $row) {
            $person = new User($row['username'], $row['name'], Role::from($row['role']));
            $person->password = $this->hasher->hashPassword($person, self::PASSWORD);
            $this->entityManager->persist($person);
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
            $this->entityManager->persist($gauge);
        }
        $this->entityManager->flush();
        $this->warranties->policies($shop['policies'], $this->person('analyst'));
        $this->offers->prices($this->person('desk'), $this->person('analyst'));
        $this->repairs->stands($shop['stands']);
        $this->entityManager->flush();
        foreach ($shop['cases'] as $row) {
            // A shop's day begins with an empty head, too: what is no longer in hand need not be looked over at each change.
            $this->entityManager->clear();
            $this->case($row);
        }
        $this->hands->rest();
        $this->years->load(self::EARLIER);
    }

    /** @param Row $row */
    private function case(array $row): void
    {
        $day = now('-'.self::word($row, 'days-ago').' days -90 minutes');
        [$desk, $bench, $analyst, $second] = array_map($this->person(...), ['desk', 'bench', 'analyst', 'second']);
        $this->hands->use($desk, $day);
        $case = $this->takeIn($row);
        $this->hands->use($bench, $day->modify('+1 hour'));
        $at = $day->modify('+1 hour');
        $steps = $this->bench->steps($case, $row);
        $when = array_map(static function () use (&$at): \DateTimeImmutable {
            return $at = $at->modify('+7 minutes');
        }, $steps);
        $this->photos->add($case, self::rows($row, 'photos'), $when, $bench, $analyst);
        $this->photos->addClips($case, self::rows($row, 'clips'));
        $this->bench->strip($case, $steps, $bench);
        $this->bench->read($case, $row, $bench);
        $this->identity->tell($case, self::row($row, 'identity'), $bench);
        $this->hands->use($bench, $day->modify('+2 hours'));
        $findings = $this->bench->look($case, $row, $bench);
        $this->judgements->feel($case, $row, $bench);
        $this->judgements->readUp($case, self::rows($row, 'notes'), $bench, $second);
        $this->judgements->again($row, $findings, $bench, $second);
        $this->laboratory->send($case, self::rows($row, 'laboratory'), $bench);
        $this->hands->use($analyst, $this->hands->wait('10 minutes'));
        $this->bench->judge($case, $row, $analyst);
        $nodes = $this->chain->build($case, $row, $findings);
        $this->chain->argue($case, $row, $analyst);
        $this->warranties->facts($case, self::row($row, 'warranty'));
        $this->warranties->custody($case, self::rows($row, 'custody'), $bench);
        $this->hands->use($analyst, $this->hands->wait('20 minutes'));
        $this->chain->sign($case, self::row($row, 'verdict'), $nodes, $analyst, $second);
        $this->warranties->claim($case, self::row($row, 'claim'), $desk);
        $this->offers->offer($case, self::row($row, 'offer'), $desk);
        $this->repairs->layOut($case, self::rows($row, 'pieces'), $bench);
        $this->repairs->build($case, self::row($row, 'build'), $bench);
        $this->hands->rest();
        if (self::word($row, 'stage') !== $case->stage->value) {
            throw new \LogicException("Case {$case->number} of the demo has come to “{$case->stage->value}”, not where it should.");
        }
    }

    private function person(string $username): User
    {
        return $this->persons->named($username) ?? throw new \LogicException("There is no {$username} in the demo.");
    }

    /** @param Row $row */
    private function takeIn(array $row): CaseFile
    {
        $case = new CaseFile('', self::word($row, 'family') ?: 'external-gear-pump');
        self::fill($case, self::row($row, 'unit'));
        if (null !== $case->arrival) {
            self::fill($case->arrival, self::row($row, 'arrival'));
        }
        ($this->takeIn)($this->hands->sound($case), $this->person(self::word($row, 'holder')), isset($row['comeback-of']));
        foreach (self::rows($row, 'complaints') as $one) {
            self::fill($complaint = new Complaint($case), $one);
            $this->entityManager->persist($this->hands->sound($complaint));
            $case->complaints->add($complaint);
        }
        $said = [];
        foreach (self::rows($row, 'statements') as $one) {
            $said[] = $statement = new Statement($case);
            $statement->contradicts = $said[$one['against'] ?? -1] ?? null;
            unset($one['against']);
            self::fill($statement, $one);
            $this->entityManager->persist($this->hands->sound($statement));
        }
        foreach (self::rows($row, 'attempts') as $one) {
            $attempt = new Attempt($case);
            self::fill($attempt, $one);
            $this->entityManager->persist($this->hands->sound($attempt));
        }
        foreach (self::rows($row, 'earlierWork') as $one) {
            self::fill($work = new EarlierWork($case), $one);
            $this->entityManager->persist($this->hands->sound($work));
            $case->earlierWork->add($work);
        }
        $this->entityManager->flush();

        return $case;
    }
}
