<?php

declare(strict_types=1);

namespace App\Demo\Years;

use App\Account\OurShop;
use App\Account\Repository\UserRepository;
use App\Account\User;
use App\Books\BookShelf;
use App\Intake\Repository\CaseFileRepository;
use App\Memory\Remember;
use App\Verdict\Repository\VerdictRepository;
use App\Verdict\Snapshot;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;

use function Symfony\Component\Clock\now;

use Symfony\Component\Yaml\Yaml;

/** Closed cases of earlier years from demo/years.yaml. */
final readonly class DemoYears
{
    public function __construct(
        private Connection $database,
        private EntityManagerInterface $entityManager,
        private UserRepository $people,
        private OurShop $shop,
        private BookShelf $shelf,
        private CaseFileRepository $cases,
        private VerdictRepository $verdicts,
        private Snapshot $snapshot,
        private Remember $remember,
        private string $projectDir,
    ) {
    }

    /** @return non-empty-list<YearStory> */
    public function stories(): array
    {
        $stories = [];
        foreach ($this->file()['stories'] as $key => $row) {
            $stories[] = YearStory::of($key, $row);
        }

        return $stories;
    }

    /** Cases of the last six years, signed as people sign: over the whole case, under its digest. */
    public function load(int $count): void
    {
        $this->database->transactional(function () use ($count): void {
            $ids = $this->write($count, now('-6 years'), now('-40 days'), false);
            foreach ($ids as $id) {
                $this->keepDocument($id);
            }
            $this->sign($ids);
        });
        while ($this->remember->due(50) > 0) {
            $this->remember->watch();
            $this->entityManager->clear();
        }
    }

    /** @param array<int, string> $cases ids; each signed by both on the day of its verdict */
    public function sign(array $cases): void
    {
        $bare = ['version' => Snapshot::VERSION];
        $both = ['analyst' => $this->person('analyst'), 'second' => $this->person('second')];
        $who = [
            'first' => (string) $both['analyst']->id, 'firstName' => $both['analyst']->name, 'second' => (string) $both['second']->id,
            'secondName' => $both['second']->name, 'bare' => json_encode($bare, \JSON_THROW_ON_ERROR), 'hash' => Snapshot::hash($bare),
        ];
        foreach (array_chunk($cases, 5000) as $some) {
            $of = ['ids' => '{'.implode(',', $some).'}'];
            $this->database->executeStatement(
                'UPDATE verdict SET signed_by_id = :first, signed_as = :firstName, signed_at = made_at, second_by_id = :second, '
                    .'second_as = :secondName, second_at = made_at, snapshot = COALESCE(snapshot, :bare), '
                    .'snapshot_hash = COALESCE(snapshot_hash, :hash) WHERE case_id = ANY(:ids::uuid[])',
                $who + $of,
            );
            $this->database->executeStatement(
                "UPDATE case_file c SET stage = 'signed', signed_at = v.second_at FROM verdict v "
                    .'WHERE v.case_id = c.id AND c.id = ANY(:ids::uuid[])',
                $of,
            );
        }
    }

    /**
     * @param bool $isHeavy with steps, readings, photos, offers, claims and trail: to measure with
     * @param int $from so many of them are there already
     * @param int|null $to the last of them to be written now; null: all
     *
     * @return array<int, string> ids of the cases by their ordinal
     */
    public function write(
        int $count,
        \DateTimeImmutable $first,
        \DateTimeImmutable $last,
        bool $isHeavy,
        int $from = 0,
        ?int $to = null,
    ): array {
        $into = new CopyInto($this->database);
        $rows = new YearRows($into, $this->shelf, array_map($this->person(...), [
            'desk' => 'desk', 'bench' => 'bench', 'analyst' => 'analyst', 'second' => 'second',
        ]), $this->shop->settings());
        $ids = [];
        $years = new YearsOfCases($this->stories(), $this->file()['customers']);
        foreach ($years->between($first, $last, $count) as $case) {
            if ($case->ordinal > $from && $case->ordinal <= ($to ?? $count)) {
                $ids[$case->ordinal] = $id = $rows->write($case);
                $isHeavy && $rows->writeRest($case, $id);
            }
        }
        $into->flush();

        return $ids;
    }

    private function keepDocument(string $id): void
    {
        $case = $this->cases->find($id);
        $verdict = null === $case ? null : $this->verdicts->last($case);
        if (null === $case || null === $verdict) {
            throw new \LogicException('A case that was written is there.');
        }
        $document = $this->snapshot->take($case, $verdict);
        $this->database->executeStatement('UPDATE verdict SET snapshot = :document, snapshot_hash = :hash WHERE id = :id', [
            'document' => json_encode($document, \JSON_THROW_ON_ERROR), 'hash' => Snapshot::hash($document), 'id' => (string) $verdict->id,
        ]);
        $this->entityManager->clear();
    }

    private function person(string $username): User
    {
        return $this->people->findOneBy(['username' => $username]) ?? throw new \LogicException('The people of the demo come first.');
    }

    /** @return array{stories: non-empty-array<string, array<string, mixed>>, customers: non-empty-array<string, float>} */
    private function file(): array
    {
        /** @var array{stories: non-empty-array<string, array<string, mixed>>, customers: non-empty-array<string, float>} $file */
        $file = Yaml::parseFile($this->projectDir.'/demo/years.yaml');

        return $file;
    }
}
