<?php

declare(strict_types=1);

namespace App\Evidence;

use App\Platform\StoredFiles;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads every stored photo anew and compares its hash: `./japhrex photos verify`. */
#[AsCommand('app:photos:verify', 'Rehashes all stored photos and names what is missing, damaged or orphaned')]
final class VerifyPhotosCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $em, private readonly StoredFiles $stored)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $wrong = $n = 0;
        $known = [];
        /** @var Picture $picture */
        foreach ($this->em->createQuery('SELECT p FROM '.Picture::class.' p ORDER BY p.id')->toIterable() as $picture) {
            ++$n;
            $known[$picture->hash] = true;
            $state = !$this->stored->has('photos', $picture->hash) ? 'missing' : ($this->stored->hashOf('photos', $picture->hash) === $picture->hash ? null : 'damaged');
            if (null !== $state) {
                ++$wrong;
                $output->writeln(\sprintf('%s: %s, in %s', $state, $picture->hash, implode(', ', $this->cases($picture)) ?: 'no case'));
            }
            $this->em->detach($picture);
        }
        foreach ($this->stored->hashes('photos') as $hash) {
            if (!isset($known[$hash])) {
                ++$wrong;
                $output->writeln('orphaned: '.$hash.', no record speaks of it');
            }
        }
        $output->writeln(0 === $wrong ? \sprintf('%d photos, all as they came.', $n) : \sprintf('%d photos, %d not as they should be.', $n, $wrong));

        return 0 === $wrong ? Command::SUCCESS : Command::FAILURE;
    }

    /** @return list<string> */
    private function cases(Picture $picture): array
    {
        return array_values(array_unique(array_map(static fn (Photo $photo): string => $photo->case->number, $this->em->getRepository(Photo::class)->findBy(['picture' => $picture]))));
    }
}
