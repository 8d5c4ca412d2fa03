<?php

declare(strict_types=1);

namespace App\Shop\Doctor;

use Symfony\Component\Process\ExecutableFinder;

/** The programs of the machine that the shop calls. */
final readonly class ProgramsCheck implements Check
{
    /** What is missing without it. */
    private const NEEDED = [
        'vipsthumbnail' => 'pictures', 'ffprobe' => 'clips', 'dot' => 'the chain drawn', 'weasyprint' => 'papers',
        'qrencode' => 'codes for phones', 'age' => 'backups',
    ];

    public function look(): array
    {
        $finder = new ExecutableFinder();
        $missing = [];
        foreach (self::NEEDED as $program => $for) {
            if (null === $finder->find($program)) {
                $missing[] = "$program ($for)";
            }
        }

        return [
            Symptom::well('PHP', \PHP_VERSION),
            Symptom::either(
                [] === $missing,
                'programs',
                [] === $missing ? 'all there' : 'missing: '.implode(', ', $missing),
                'Install them.',
            ),
        ];
    }
}
