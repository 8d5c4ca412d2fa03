<?php

declare(strict_types=1);

namespace App\Proof;

use App\Figures\WearCheck;
use App\Intake\CaseFile;
use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Figure\Leakage\PumpInputs;
use Japhrex\Core\Hydraulics\Oil;
use Japhrex\Core\Proof\ExpectedFlow;
use Japhrex\Core\Proof\Recording;

/** Takes recordings of the stand, and puts them beside what the clearances of the build let expect. */
final readonly class Stand
{
    /** So many points are drawn. */
    private const POINTS = 480;

    public function __construct(private EntityManagerInterface $em, private StoredFiles $stored, private WearCheck $wear)
    {
    }

    /** @throws \DomainException naming the line that cannot be read; nothing is kept then */
    public function take(CaseFile $case, string $file, string $name, string $who): StandRecording
    {
        $read = Recording::read((string) file_get_contents($file));
        $recording = new StandRecording($case, mb_substr($name, 0, 200), $this->stored->keep('recordings', $file), $who);
        [$recording->nrOfRows, $recording->seconds, $recording->units, $recording->gaps, $recording->drawn] = [\count($read->times), $read->seconds(), $read->units, $read->gaps(), $read->drawn(self::POINTS)];
        $expected = $this->expected($case);
        if (null !== $expected) {
            [$recording->expected, $recording->judged] = [$expected->along($recording->drawn), $expected->judge($recording->drawn)];
        }
        $this->em->persist($recording);
        $this->em->flush();

        return $recording;
    }

    /** With the clearances of a new one, as it is built again; null for a family without leak paths in its book, or where a fact is missing. */
    private function expected(CaseFile $case): ?ExpectedFlow
    {
        $inputs = $this->wear->of($case)?->asked->inputs;
        if (null === $inputs) {
            return null;
        }

        return new ExpectedFlow(PumpInputs::pump($inputs, 'new-paths'), new Oil($inputs->si('v40'), $inputs->si('v100'), $inputs->has('density') ? $inputs->si('density') : 0.0));
    }

    /** @return list<StandRecording> the last first */
    public function of(CaseFile $case): array
    {
        return $this->em->getRepository(StandRecording::class)->findBy(['case' => $case], ['id' => 'DESC'], 6);
    }
}
