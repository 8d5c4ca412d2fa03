<?php

declare(strict_types=1);

namespace App\Shop\Retain;

use App\Account\AuditEntry;
use App\Account\Log\SecurityEvent;
use App\Account\Log\SecurityLog;
use App\Account\TrailNames;
use App\Account\User;
use App\Intake\CaseFile;
use App\Platform\ShopError;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use League\Flysystem\FilesystemOperator;

use function Symfony\Component\Clock\now;

/**
 * Takes the names of people out of a case whose years are over: from what it says, from what was signed and from the trail, where each
 * becomes "person 1" and so on; papers and voices go. What was found, read and concluded stays, and so does every digest.
 */
final readonly class TakePeopleOut
{
    /** Where else a file may be spoken of, by its area: then it stays. */
    private const SPOKEN_OF = [
        'reports' => 'SELECT 1 FROM report r JOIN case_file c ON c.id = r.case_id WHERE r.hash = ? AND c.people_out_at IS NULL',
        'work' => 'SELECT 1 FROM work_report r JOIN case_file c ON c.id = r.case_id WHERE r.hash = ? AND c.people_out_at IS NULL',
        'offers' => 'SELECT 1 FROM offer r JOIN case_file c ON c.id = r.case_id WHERE r.pdf = ? AND c.people_out_at IS NULL',
        'handovers' => 'SELECT 1 FROM handover r JOIN case_file c ON c.id = r.case_id WHERE r.pdf = ? AND c.people_out_at IS NULL',
        'clips' => 'SELECT 1 FROM clip r JOIN case_file c ON c.id = r.case_id WHERE r.hash = ? AND c.people_out_at IS NULL',
        'claims' => 'SELECT 1 FROM claim_papers r JOIN claim m ON m.id = r.claim_id JOIN case_file c ON c.id = m.case_id
            WHERE ? IN (r.hash, r.bundle) AND c.people_out_at IS NULL',
    ];

    public function __construct(
        private Connection $database,
        private EntityManagerInterface $entityManager,
        private FilesystemOperator $store,
        private TrailNames $names,
        private SecurityLog $log,
    ) {
    }

    /** @throws ShopError if its years are not over, or it has no names any more */
    public function __invoke(CaseFile $case, User $who): void
    {
        // Of many cases, one after the other, what is in hand is let go each time, the person too.
        $who = $this->entityManager->find(User::class, $who->id) ?? $who;
        try {
            /** @var list<array{area: string, hash: string}> $files */
            $files = $this->database->transactional(function () use ($case, $who): array {
                $files = $this->database->fetchAllAssociative('SELECT area, hash FROM take_people_out(?)', [(string) $case->id]);
                $this->entityManager->persist(new AuditEntry(
                    $case->id, $this->names->digest($who->actsAs()), 'changed', 'Case '.$case->number, $case->id, 'peopleOutAt', null,
                    now()->format('Y-m-d H:i:s'),
                ));
                $this->entityManager->flush();

                return $files;
            });
        } catch (DriverException $error) {
            if (1 === preg_match('/names stay in a case for (\d+) years/', $error->getMessage(), $found)) {
                throw new ShopError(\sprintf(
                    'Case %s keeps its names until %d years after it was signed, or has none any more.', $case->number, (int) $found[1],
                ), 409, $error);
            }
            throw $error;
        }
        $this->log->note(SecurityEvent::People, $who, \sprintf('names taken out of case %s', $case->number));
        foreach ($files as $file) {
            if (false === $this->database->fetchOne(self::SPOKEN_OF[$file['area']], [$file['hash']])) {
                $this->store->delete(\sprintf('%s/%s/%s', $file['area'], substr($file['hash'], 0, 2), $file['hash']));
            }
        }
        $this->entityManager->clear();
    }
}
