<?php

declare(strict_types=1);

namespace App\Proof;

use App\Account\Actor;
use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use App\Proof\Live\TestStand;
use App\Proof\Repository\StandRecordingRepository;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Proof\Channel;
use Japhrex\Core\Proof\Recording;
use Japhrex\Core\Proof\RecordingError;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;

/** Takes recordings of the stand, and puts them beside what the clearances of the build let expect. */
final readonly class Stand
{
    /** So many points are drawn. */
    public const POINTS = 480;

    public function __construct(
        private EntityManagerInterface $entityManager,
        private StoredFiles $stored,
        private BuildFlow $flow,
        private StandRecordingRepository $recordings,
    ) {
    }

    /**
     * @param TestStand|null $on the stand it was recorded on, where that is known
     *
     * @throws RecordingError naming the line that cannot be read, or that it is of another unit; nothing is kept then
     */
    public function take(CaseFile $case, string $file, string $name, Actor $who, ?TestStand $on = null): StandRecording
    {
        $read = Recording::read((string) file_get_contents($file));
        $read->mustFit('' === $case->displacement ? 0.0 : Quantity::parse($case->displacement, Dimension::Displacement)->si);
        $recording = new StandRecording($case, mb_substr($name, 0, 200), $this->stored->keep('recordings', $file), $who);
        $recording->holds($read, self::POINTS);
        [$recording->stand, $recording->flowU] = [$on->name ?? '', $on?->u(Channel::Flow) ?? 0.0];
        $expected = $this->flow->expected($case, $recording->flowU);
        if (null !== $expected) {
            $recording->expects($expected);
        }
        $this->entityManager->persist($recording);
        $this->entityManager->flush();

        return $recording;
    }

    /** @return list<StandRecording> the last first */
    public function recordingsOf(CaseFile $case): array
    {
        return $this->recordings->newestFirst($case, 6);
    }
}
