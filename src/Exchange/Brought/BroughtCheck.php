<?php

declare(strict_types=1);

namespace App\Exchange\Brought;

use App\Exchange\Repository\BroughtRepository;
use App\Platform\Mismatch;
use App\Platform\StoredFiles;
use App\Platform\StoredThing;

/** Are the files of brought cases what they were? */
final readonly class BroughtCheck implements StoredThing
{
    public function __construct(private BroughtRepository $brought, private StoredFiles $stored)
    {
    }

    public function name(): string
    {
        return 'files of brought cases';
    }

    public function check(): iterable
    {
        foreach ($this->brought->each() as $case) {
            foreach ($case->files as $path => $hash) {
                $state = $this->stored->state(Brought::AREA, $hash);
                yield null === $state
                    ? null
                    : new Mismatch(\sprintf('%s of the case %s from %s is %s: %s', $path, $case->number, $case->from, $state, $hash), []);
            }
        }
    }
}
